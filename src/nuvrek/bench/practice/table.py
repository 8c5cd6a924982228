"""What lies on the practice bench: the exercise, its hidden neck, and the journal one writes."""

from __future__ import annotations

from typing import TYPE_CHECKING

from nuvrek.bench.practice.kept import Kept, OnBench, Result
from nuvrek.bench.session import Session
from nuvrek.meaning import Saying, means
from nuvrek.practice.at_work.actions import AnyAction
from nuvrek.practice.at_work.doing import Felt
from nuvrek.practice.exercise import Exercise, exercise
from nuvrek.readings.entries import AnyEntry, Reading

if TYPE_CHECKING:
    from nuvrek.estimate.heightmap import HeightMap
    from nuvrek.practice.forms.form import Judged
    from nuvrek.practice.score.outcome import PlayOutcome


class Table:
    """The practice bench behind the window. Everything done is kept at once."""

    def __init__(self, kept: Kept) -> None:
        self.kept = kept
        self.exercise: Exercise | None = None
        self.silent = True
        self.session: Session | None = None
        self.begun = 0
        self.outcome: PlayOutcome | None = None
        self.judged: Judged | None = None

    def lay(
        self, practice_exercise: Exercise, session: Session, begun: int, silent: bool = True
    ) -> None:
        """A neck is laid on the bench as it came in; ``begun`` entries were read before."""
        self.exercise, self.session, self.begun, self.silent = (
            practice_exercise,
            session,
            begun,
            silent,
        )
        self.desk = practice_exercise.desk()
        self.outcome = self.judged = None
        self.kept.put(OnBench(exercise=practice_exercise.name, neck=session.neck_id, silent=silent))

    def take_up(self, on_bench: OnBench, actions: tuple[AnyAction, ...], session: Session) -> None:
        """What lay there when the program was left, done again to where it was."""
        practice_exercise = exercise(on_bench.exercise)
        self.lay(practice_exercise, session, len(practice_exercise.begun()), on_bench.silent)
        self.desk.replay(actions)
        for action in self.desk.actions:
            self.kept.did(action)

    def do(self, action: AnyAction) -> Felt:
        """Carry out one action. Raises NotNow."""
        felt = self.desk.do(action)
        self.kept.did(action)
        self.outcome = self.judged = None
        return felt

    def let_speak(self) -> None:
        """From now on the advice is shown."""
        self.silent = False
        if self.exercise is not None and self.session is not None:
            self.kept.put(
                OnBench(exercise=self.exercise.name, neck=self.session.neck_id, silent=False)
            )
            for action in self.desk.actions:
                self.kept.did(action)

    @property
    def seconds(self) -> float:
        """Seconds of hands at the neck so far."""
        return 60.0 * self.desk.worked_min

    @property
    def over(self) -> Saying:
        """Why no more can be done; nothing while it can."""
        if self.exercise is None:
            form = None
        else:
            form = self.exercise.form
        if form is None:
            return ""
        if form.seconds is not None and self.seconds >= form.seconds:
            return means("practice_bench.time-up")
        taken = sum(isinstance(entry, Reading) for entry in self.own())
        if form.readings is not None and taken >= form.readings:
            return means("practice_bench.your-reading-taken")
        return ""

    def own(self) -> list[AnyEntry]:
        """What one wrote oneself: not what the neck came with."""
        if self.session is None:
            return []
        return list(self.session.entries[self.begun :])

    def end(self, neck_map: HeightMap | None, at: str) -> Result:
        """The truth comes out: what became of it, scored and kept."""
        from nuvrek.practice.score.outcome import outcome

        assert self.exercise is not None and self.session is not None
        entries = self.session.entries
        self.outcome = outcome(self.desk, entries, neck_map)
        points = self.outcome.points
        solved = not self.outcome.end.unclean
        if self.exercise.form is not None:
            begun, own = entries[: self.begun], self.own()
            self.judged = self.exercise.form.judge(self.desk, begun, own)
            points, solved = self.judged.points, self.judged.points >= 80
        elif self.exercise.lesson is not None:
            solved = not self.exercise.lesson.missed(self.desk)
        result = Result(
            exercise=self.exercise.name,
            at=at,
            points=points,
            solved=solved,
            notes=(self.outcome.end.clean, self.outcome.end.notes),
            metal_mm=round(self.outcome.end.metal_mm, 3),
            minutes=round(self.desk.worked_min, 1),
            advised=not self.silent,
        )
        self.kept.add(result)
        return result
