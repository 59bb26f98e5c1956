package yellowtally.core.tension;

/** What came of a reading: a verdict, or a refusal when it cannot be true. */
public sealed interface TensionJudgement permits TensionVerdict, ReadingRefusal {}
