package nimblefurrow.core.season;

/** Whether the ground carries machines. */
public enum Going {
  FIT,
  MARGINAL,
  UNFIT
}
