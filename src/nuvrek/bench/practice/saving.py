"""A practice neck saved: its journal as a job file, and its truth in a file beside it."""

from __future__ import annotations

import json
from pathlib import Path

import msgspec

from nuvrek.bench.practice.table import Table
from nuvrek.bench.session import Session
from nuvrek.exchange import jobfile
from nuvrek.exchange.files import write_whole
from nuvrek.exchange.jobfile import Job
from nuvrek.simulator.truth import truth_document


def save(path: Path, session: Session, table: Table) -> Path:
    """Write both; returns the place of the truth. Raises OSError."""
    job = Job(neck=session.first, journal=tuple(session.entries))
    truth = path.with_name(f"{path.stem}-truth.json")
    document = truth_document(table.desk.neck.as_truth())
    document["exercise"] = "" if table.exercise is None else table.exercise.name
    document["done"] = msgspec.to_builtins(tuple(table.desk.actions))
    write_whole(truth, (json.dumps(document, indent=1) + "\n").encode())
    write_whole(path, jobfile.dump(job))
    return truth
