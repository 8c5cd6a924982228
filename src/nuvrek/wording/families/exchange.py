"""Files from elsewhere."""

from __future__ import annotations

from nuvrek.wording.entry import Entry

SENTENCES: dict[str, Entry] = {
    "exchange.name-stands-archive-twice": "a name stands in the archive twice.",
    "exchange.archive-larger-than-any-logbook": "the archive is larger than any logbook.",
    "exchange.neck-stands-archive-twice": "a neck stands in the archive twice.",
    "exchange.too-large": "{name} is too large.",
    "exchange.larger-than-says": "{name} is larger than it says.",
    "exchange.archives-list-cant-read": "the archive's list can't be read ({detail}).",
    "exchange.not-whole-archive": "not a whole archive.",
    "exchange.missing-archive": "{name} is missing in the archive.",
    "exchange.number": "a number",
    "exchange.whole-number": "a whole number",
    "exchange.text": "text",
    "exchange.object": "an object",
    "exchange.list": "a list",
    "exchange.nothing": "nothing",
    "exchange.true-or-false": "true or false",
    "exchange.there-already-journal-longer": "{name} is there already, and its journal is longer.",
    "exchange.there-already-another-journal": "{name} is there already, with another journal.",
    "exchange.holds-bytes-no-utf-8": "holds bytes that are no UTF-8 text.",
    "exchange.should-not": "should be {wrong}, not {types}",
    "exchange.there-already-no-job": "{name} is there already, and is no job.",
    "exchange.way-not-known-should-one": "way '{way}' is not known; should be one of {ways}.",
    "exchange.not-nuvrek-job-format-should": 'not a Nuvrek job: "format" should be "{format}".',
    "exchange.version-should": '"version" should be {version}.',
    "exchange.written-newer-nuvrek-version-one": (
        "written by a newer Nuvrek (version {version}); this one reads up to {other_version}."
    ),
    "exchange.neck-missing-scale-mm-frets": (
        '"neck" is missing: scale_mm, frets and joint_fret are needed.'
    ),
    "exchange.more-than-journal-entries": "more than {most_entries} journal entries.",
    "exchange.file-empty": "the file is empty.",
    "exchange.neck": "neck: {fault}",
    "exchange.further-faults-not-listed": "further faults are not listed.",
    "exchange.not-known-should-one": "'{detail}' is not known; should be one of {choices}",
    "exchange.not-plain-file": "{name}: not a plain file.",
    "exchange.file-over-mb-too-large": (
        "{name}: the file is over {largest_bytes} MB, too large for a job."
    ),
    "exchange.cant-read": "{name}: can't be read ({strerror}).",
    "exchange.nested-too-deeply-job": "nested too deeply to be a job.",
    "exchange.not-whole-or-not-json": "not whole, or not JSON ({error}).",
    "exchange.neck-nested-too-deeply": "neck: nested too deeply.",
    "exchange.neck-with-why": "neck: {why}",
    "exchange.entry-nested-too-deeply": "entry {number}: nested too deeply.",
    "exchange.entry": "entry {number}: {why}",
    "exchange.entry-with-number-fault": "entry {number}: {fault}",
    "exchange.more-cells-than-heading-names": "more cells than the heading names",
    "exchange.far-out-range": '{name}: "{cell}" is far out of range',
    "exchange.there-no-rows-below-heading": "there are no rows below the heading.",
    "exchange.more-than-columns": "more than {most_columns} columns.",
    "exchange.heading-row-should-name-columns": (
        'the heading row should name the columns, "kind" among them.'
    ),
    "exchange.row-1-column-not-known": 'row 1: the column "{unknown}" is not known.',
    "exchange.row": "row {number}: {plain_fault}",
    "exchange.row-with-number-error": "row {number}: {error}.",
    "exchange.row-with-number-fault": "row {number}: {fault}",
    "exchange.not-number": '{name}: "{cell}" is not a number',
    "exchange.not-a-table-in-utf-8": "{name}: not a table in UTF-8.",
    "exchange.not-table": "not a table ({error}).",
    "exchange.more-than-rows": "more than {most_rows:,} rows.",
    "exchange.new-wire": "New wire for {title}",
    "exchange.print-100-not-fitted-page": "{detail}. Print at 100 %, not fitted to the page.",
    "exchange.holder-sheet": "Holder for {title}: sheet {sheet} of {holder_sheets}",
    "exchange.cut-list": "Cut list for {title}, {name}",
    "exchange.bending-card": "Bending card for {title}",
    "exchange.fret": "fret",
    "exchange.cut": "cut",
    "exchange.tang": "tang",
    "exchange.bend": "bend to",
    "exchange.true-length": "true length",
    "exchange.flat": "flat",
    "exchange.flat-board-wire-stays-straight": "A flat board: the wire stays straight.",
    "exchange.bend-mm": "bend to {radius} mm",
    "exchange.out-each-stick": "Out of each stick: {sticks}",
    "exchange.notched-edge-mm-sheet-print": (
        "Notched edge for {scale_mm:g} mm, sheet {sheet} of {count}. Print at 100 %, not "
        "fitted to the page."
    ),
    "exchange.notched-edge-mm": "Notched edge for {scale_mm:g} mm",
    "exchange.ruler-should-measure-mm-if": (
        "This ruler should measure {ruler_mm:.0f} mm. If it does not, the printer was told to "
        "fit the page."
    ),
    "exchange.notches-mm-too-wide-last": (
        "notches of {notch_mm:g} mm are too wide: the last frets stand {closest:.1f} mm apart"
    ),
    "exchange.template-written-pdf-svg-or": "{name}: a template is written as .pdf, .svg or .dxf",
    "exchange.join-here": "join here",
    "exchange.no-column": "'{unknown}' is no column of it",
    "exchange.no-column-name": "no column 'name'",
    "exchange.shelf-holds-wires-most": "a shelf holds {most_wires} wires at most.",
    "exchange.table-wire-not-so-long": "a table of wire is not so long.",
    "exchange.empty-table-first-row-names": "an empty table: the first row names the columns.",
    "exchange.not-table-wire-columns": "not a table of wire: {what}; columns are {columns}.",
    "exchange.row-with-number-detail": "row {number}: {detail}",
    "exchange.row-with-number-wire": "row {number}: {wire}",
    "exchange.no-number": "{name}: '{detail}' is no number.",
    "exchange.fault-at": "{place} {what}.",
    "exchange.fault": "{what:start}.",
    "exchange.name-fault": "{name}: {fault}",
    "exchange.file-faults": "{file}: {faults}",
    "exchange.headline-text": "{headline}. {text}",
    "exchange.should-or-less": "should be {bound} or less",
    "exchange.should-or-more": "should be {bound} or more",
}
