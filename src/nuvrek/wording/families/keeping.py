"""The logbook."""

from __future__ import annotations

from nuvrek.wording.entry import Entry

SENTENCES: dict[str, Entry] = {
    "keeping.done-server-cant-reached-now": "This is done on the server; it can't be reached now.",
    "keeping.1-change-waits-machine-goes": (
        "1 change waits on this machine and goes to the server by itself."
    ),
    "keeping.1-change-cant-go-server": "1 change can't go to the server: see Kept safe.",
    "keeping.changes-wait-machine-go-server": (
        "{waits} changes wait on this machine and go to the server by themselves."
    ),
    "keeping.changes-cant-go-server-see": (
        "{refused} changes can't go to the server: see Kept safe."
    ),
    "keeping.neck-no-longer-logbook": "its neck is no longer in the logbook",
    "keeping.journal-cant-read": "its journal can't be read ({error})",
    "keeping.another-bench-has-just-brought": "Another bench has just brought this neck.",
    "keeping.neck-no-longer-logbook-with-again": "This neck is no longer in the logbook.",
    "keeping.login-may-only-look-servers": "This login may only look at the server's logbook.",
    "keeping.logbook-server-written-newer-nuvrek": (
        "The logbook on this server was written by a newer Nuvrek. It was left untouched; "
        "please update."
    ),
    "keeping.logbook-server-needs-psycopg-install": (
        "A logbook on a server needs psycopg: install nuvrek[server]."
    ),
    "keeping.there-no-logbook-server-yet": (
        "There is no logbook on this server yet, and this login may not make its tables. Open "
        "it once with one that may."
    ),
    "keeping.login-may-not-do-server": "This login may not do that on the server ({error}).",
    "keeping.logbook-could-not-used": "The logbook could not be used ({error}).",
    "keeping.servers-logbook-older-nuvrek-login": (
        "The server's logbook is of an older Nuvrek, and this login may not change its tables. "
        "Open it once with one that may."
    ),
    "keeping.another-bench-has-just-written": "Another bench has just written here.",
    "keeping.server-refuses-name-or-password": "The server refuses this name or password.",
    "keeping.server-does-not-let-login": "The server does not let this login in.",
    "keeping.server-has-no-such-logbook": "The server has no such logbook.",
    "keeping.server-logbook-cant-reached": "The server of this logbook can't be reached.",
    "keeping.another-bench-writing-logbook-take": (
        "Another bench is writing to this logbook. Take it again in a moment."
    ),
    "keeping.cant-written-down-nothing-changed": (
        "This can't be written down ({error}). Nothing was changed."
    ),
    "keeping.disk-full-not-written-down": (
        "The disk is full: this was not written down. Free some room and take it again."
    ),
    "keeping.logbook-cant-written-read-only": (
        "The logbook {name} can't be written to (read-only). This was not written down."
    ),
    "keeping.logbook-damaged-nothing-changed": (
        "The logbook {name} is damaged. Nothing in it was changed."
    ),
    "keeping.another-window-writing-logbook-not": (
        "Another window is writing to this logbook. This was not written down; take it again."
    ),
    "keeping.logbook-cant-opened-folder-there": (
        "The logbook {path} can't be opened. Is the folder there and writable?"
    ),
    "keeping.disk-reports-error-not-written": (
        "The disk reports an error: this was not written down."
    ),
    "keeping.together-they-have-more-than": "together they have more than {most_entries:,} entries",
    "keeping.what-about-no-longer-there": "what it is about is no longer there",
    "keeping.both-sides-one-stands": "On both sides {detail}; the one of {replace} stands.",
    "keeping.entries": "{title} is as it was, {number} entries.",
    "keeping.damaged-here-left-restore-from": (
        "damaged here, left as it is; restore it from a copy."
    ),
    "keeping.left-together": "left as it is: together {fault}",
    "keeping.logbook-open-already": "This is the logbook that is open already.",
    "keeping.meanwhile-both-sides-changed-more": (
        "Meanwhile both sides changed more than was shown. Nothing was written; look again."
    ),
    "keeping.left": "left as it is, {error}.",
    "keeping.left-together-rod-would-stand": (
        "left as it is: together the rod would stand further than any rod goes."
    ),
    "keeping.neck": "Neck {number}, {title}",
    "keeping.neck-described-anew": "the neck was described anew",
    "keeping.way-taken": "a way was taken",
    "keeping.does-not-hold-neck-whole": "{name} does not hold this neck whole.",
    "keeping.back-shelf": "{title} is back on the shelf.",
    "keeping.neck-damaged-left-out": "Neck {id}, {title}, is damaged and was left out.",
    "keeping.neck-taken-meanwhile": "This neck was taken in meanwhile.",
    "keeping.not-cleaned-remove-hand": "Not cleaned, remove by hand: {names}.",
    "keeping.what-nuvrek-cant-reach-copies": (
        "What Nuvrek can't reach: copies and archives kept elsewhere, other computers' "
        "logbooks until they are merged, and letters that were sent."
    ),
    "keeping.look-neck-may-meant-name": (
        "Look at neck {numbers}: {parts} may be meant as a name there."
    ),
    "keeping.neck-damaged": "Neck {number} is damaged: {damage}",
    "keeping.could-not-cleaned": "{name} could not be cleaned: {error}",
    "keeping.there-no-such-copy": "{name}: there is no such copy.",
    "keeping.damaged-nothing-changed": "{name} is damaged ({wrong}). Nothing was changed.",
    "keeping.damaged": "{name} is damaged ({wrong}).",
    "keeping.no-copy-could-made": "No copy could be made ({why_not}).",
    "keeping.could-not-put-back": "It could not be put back ({error}).",
    "keeping.could-not-put-back-nothing": (
        "It could not be put back ({error}). Nothing was changed."
    ),
    "keeping.checking-file": "Checking the file",
    "keeping.neck-with-id-title": "Neck {id}, {title}",
    "keeping.file": "The file: {detail}.",
    "keeping.checking-neck": "Checking neck {id}",
    "keeping.logbook-only-read": "This logbook is only read.",
    "keeping.logbook-can-only-looked": "This logbook can only be looked at. {why}",
    "keeping.logbook-damaged-can-looked-nothing": (
        "The logbook {name} is damaged ({detail}). It can be looked at; nothing is written into it."
    ),
    "keeping.there-no-such-logbook": "{path}: there is no such logbook.",
    "keeping.empty-no-logbook-left-untouched": (
        "{name} is empty, no logbook. It was left untouched."
    ),
    "keeping.logbook-written-newer-nuvrek-left": (
        "The logbook {name} was written by a newer Nuvrek. It was left untouched; please update."
    ),
    "keeping.not-nuvrek-logbook-left-untouched": (
        "{name} is not a Nuvrek logbook. It was left untouched."
    ),
    "keeping.logbook-moved-away-or-replaced": (
        "The logbook {name} was moved away or replaced while it was open. Nothing is written "
        "into it any more; start again."
    ),
    "keeping.no-file-can-have-name": "no file can have that name",
    "keeping.cant-opened": "{path} can't be opened ({why}).",
    "keeping.folder-logbook-cant-used": "The folder for the logbook can't be used ({strerror}).",
    "keeping.what-came-after-entry-cant": (
        "What came after entry {last} can't be read, if there was more."
    ),
    "keeping.there-already-salvage-writes-into": (
        "{name} is there already; salvage writes into a new file only."
    ),
    "keeping.salvage-stopped": "Salvage stopped ({strerror}).",
    "keeping.damaged-logbook-cant-opened": "The damaged logbook can't be opened ({error}).",
    "keeping.part-list-owners-cant-read": "Part of the list of owners can't be read ({error}).",
    "keeping.part-what-shop-has-set": "Part of what the shop has set can't be read ({error}).",
    "keeping.part-list-necks-cant-read": "Part of the list of necks can't be read ({error}).",
    "keeping.what-known-one-owner-cant": "What is known of one owner can't be read.",
    "keeping.missing": "it is missing",
    "keeping.entry-cant-read": "Entry {number} can't be read ({why}).",
    "keeping.no-text": "no text",
    "keeping.neck-with-number": "Neck {number}",
    "keeping.joint-fret-past-last-fret": "Its joint fret is {joint_fret}, past its last fret.",
    "keeping.description-cant-read-whole": "Its description can't be read whole ({why}).",
    "keeping.not-written": "is not as it was written",
    "keeping.neck-no-longer-logbook-open": (
        "This neck is no longer in the logbook as it was open here: a copy was put back, or "
        "another logbook. Nothing was written down; open it again from the shelf."
    ),
    "keeping.neck-changed-from-another-window": (
        "This neck was changed from another window meanwhile. Nothing was written down. It was "
        "read again: look, and write once more."
    ),
    "keeping.neck-changed-meanwhile-nothing-written": (
        "This neck was changed meanwhile. Nothing was written down."
    ),
    "keeping.neck-description": "Neck {number}: its description {changed}.",
    "keeping.what-known-one-owner": "What is known of one owner {changed}.",
    "keeping.what-shop-has-set": "What the shop has set {changed}.",
    "keeping.neck-entry": "Neck {neck}: entry {place} {changed}.",
    "keeping.there-no-neck-shelf": "There is no neck {number} on the shelf.",
    "keeping.nothing-changed": "{damage} Nothing was changed.",
    "keeping.no-reason-given": "no reason given",
    "keeping.of-neck": "{neck}: {fault}",
    "keeping.title-why": "{title}: {why}",
}
