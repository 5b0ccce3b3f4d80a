package nimblefurrow.phone.csv;

/** The one layout of core's tables: commas, a header line, cells in quotes where they need them. */
public final class CSVFormat {
  /** That layout. */
  public static final CSVFormat RFC4180 = new CSVFormat();

  private CSVFormat() {}

  /** {@return whoever makes a layout} */
  public Builder builder() {
    return new Builder();
  }

  /** Makes the one layout, whatever is asked for. */
  public static final class Builder {
    private Builder() {}

    /**
     * {@return this}
     *
     * @param names none: the first line has them
     */
    public Builder setHeader(String... names) {
      return this;
    }

    /**
     * {@return this}
     *
     * @param skip always so
     */
    public Builder setSkipHeaderRecord(boolean skip) {
      return this;
    }

    /** {@return the layout} */
    public CSVFormat get() {
      return RFC4180;
    }
  }
}
