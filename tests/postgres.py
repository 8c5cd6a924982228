"""A PostgreSQL server of the tests' own, started and stopped by them; none where that can't be."""

from __future__ import annotations

import atexit
import os
import shutil
import signal
import socket
import subprocess
import tempfile
import uuid
from contextlib import suppress
from pathlib import Path

_STATE: dict[str, str] = {}


def address() -> str:
    """``postgresql://...`` of a fresh server, the same for the whole run; empty where there is
    none, and why stands in ``why_not``.
    """
    if "address" not in _STATE:
        _STATE["address"] = _start()
    return _STATE["address"]


def why_not() -> str:
    """Why there is no server."""
    return _STATE.get("why", "")


def _binaries() -> Path | None:
    places = sorted(Path("/usr/lib/postgresql").glob("*/bin"), reverse=True)
    return next((place for place in places if (place / "initdb").exists()), None)


def _start() -> str:
    binaries = _binaries()
    if binaries is None:
        _STATE["why"] = "no PostgreSQL server is installed"
        return ""
    folder = Path(tempfile.mkdtemp(prefix="nuvrek-pg-"))
    with socket.socket() as free:
        free.bind(("127.0.0.1", 0))
        port = free.getsockname()[1]
    options = f"-p {port} -k {folder} -c listen_addresses=127.0.0.1 -c fsync=off"
    _STATE.update(folder=str(folder), options=options, port=str(port), binaries=str(binaries))
    if os.getuid() == 0:
        # A server refuses to run as root.
        shutil.chown(folder, "postgres", "postgres")
    try:
        _run("initdb", "-D", f"{folder}/data", "-U", "nuvrek", "-A", "trust", "-E", "UTF8")
        start()
    except (subprocess.CalledProcessError, OSError, LookupError) as error:
        _STATE["why"] = f"the server could not be started ({error})"
        return ""
    atexit.register(_remove)
    return f"postgresql://nuvrek@127.0.0.1:{port}/postgres"


def start() -> None:
    """Start the server (again)."""
    folder = _STATE["folder"]
    log = ("-l", f"{folder}/log", "-o", _STATE["options"], "-w", "start")
    _run("pg_ctl", "-D", f"{folder}/data", *log)


def stop() -> None:
    """Stop the server as if its cable were pulled."""
    _run("pg_ctl", "-D", f"{_STATE['folder']}/data", "-m", "immediate", "-w", "stop")


def freeze(frozen: bool) -> None:
    """Stop every process of the server as a machine that hangs does, or let them go on."""
    number = int((Path(_STATE["folder"]) / "data/postmaster.pid").read_text().split()[0])
    children = Path(f"/proc/{number}/task/{number}/children").read_text().split()
    for process in (number, *map(int, children)):
        with suppress(ProcessLookupError):
            os.kill(process, signal.SIGSTOP if frozen else signal.SIGCONT)


def new_database() -> str:
    """The address of an empty database on the server; empty where there is no server."""
    server = address()
    if not server:
        return ""
    name = f"t{uuid.uuid4().hex}"
    tell(server, f"CREATE DATABASE {name}")
    return server.rsplit("/", 1)[0] + f"/{name}"


def tell(where: str, *statements: str) -> None:
    """Do something on the server, each statement by itself."""
    import psycopg

    with psycopg.connect(where, autocommit=True) as line:
        for statement in statements:
            line.execute(statement)


def login(name: str, where: str, password: str = "") -> str:
    """The address of a database for a login that may only what it is allowed to; with a password
    where one is given.
    """
    method = "scram-sha-256" if password else "trust"
    access = Path(_STATE["folder"]) / "data/pg_hba.conf"
    if f" {name} " not in access.read_text():
        access.write_text(f"host all {name} 127.0.0.1/32 {method}\n{access.read_text()}")
        secret = f" PASSWORD '{password}'" if password else ""
        tell(where, f"CREATE ROLE {name} LOGIN{secret}", "SELECT pg_reload_conf()")
    return where.replace("nuvrek@", f"{name}@")


def _run(name: str, *words: str) -> None:
    command = [f"{_STATE['binaries']}/{name}", *words]
    if os.getuid() == 0:
        command = ["runuser", "-u", "postgres", "--", *command]
    subprocess.run(
        command, check=True, stdout=subprocess.DEVNULL, stderr=subprocess.DEVNULL, cwd="/"
    )


def _remove() -> None:
    # It may be stopped already.
    with suppress(subprocess.CalledProcessError, OSError):
        stop()
    shutil.rmtree(_STATE["folder"], ignore_errors=True)
