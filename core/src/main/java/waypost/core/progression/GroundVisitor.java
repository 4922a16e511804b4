package waypost.core.progression;

/** Answers once for each kind of ground. */
public interface GroundVisitor<R> {
    R firstTime();

    R reached(Ground.Reached ground);

    R inRange(Ground.InRange ground);

    R underRange(Ground.UnderRange ground);

    R fewerSets(Ground.FewerSets ground);

    R moreSets(Ground.MoreSets ground);

    R staysFor(Ground.StaysFor ground);

    R painOver(Ground.PainOver ground);

    R stopped(Ground.Stopped ground);

    R flared(Ground.Flared ground);

    R formNotGood(Ground.FormNotGood ground);

    R daysOnLevel(Ground.DaysOnLevel ground);

    R sore(Ground.Sore ground);

    R contactsBefore(Ground.ContactsBefore ground);

    R alreadyToday(Ground.AlreadyToday ground);

    R weeksShare(Ground.WeeksShare ground);

    R afterHold(Ground.AfterHold ground);

    R underTheGate(Ground.UnderTheGate ground);

    R nextRungClosed(Ground.NextRungClosed ground);

    R endOfLadder(Ground.EndOfLadder ground);

    R progressHeld(Ground.ProgressHeld ground);

    R longBreak(Ground.LongBreak ground);

    R tissueRests(Ground.TissueRests ground);

    R sportRose(Ground.SportRose ground);

    R prescribed(Ground.Prescribed ground);

    R asWritten();

    R otherDay(Ground.OtherDay ground);

    R eventNear(Ground.EventNear ground);

    R ofProgram(ProgramGround ground);
}
