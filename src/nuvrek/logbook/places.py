"""Where the logbook, the settings and the log lie."""

from __future__ import annotations

from pathlib import Path


def logbook_path() -> Path:
    """The user's logbook in the XDG data place."""
    import platformdirs

    return Path(platformdirs.user_data_dir("nuvrek", appauthor=False)) / "logbook.db"


def settings_path() -> Path:
    """The user's settings in the XDG configuration place."""
    import platformdirs

    return Path(platformdirs.user_config_dir("nuvrek", appauthor=False)) / "settings.json"


def log_folder() -> Path:
    """Where what went wrong is noted, in the XDG state place."""
    import platformdirs

    return Path(platformdirs.user_state_dir("nuvrek", appauthor=False))


def servers_folder() -> Path:
    """Where this machine keeps what it knows of logbooks on servers, in the XDG data place."""
    return logbook_path().parent / "servers"
