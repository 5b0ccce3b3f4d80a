package nimblefurrow.server.support;

/** Writing of rows that were read or made for a farm; the names are those of Spring Data. */
public interface RowWriting<T> {
  /** Stores a row. */
  <S extends T> S save(S row);

  /** Stores a row at once, so that what the database refuses is known here. */
  <S extends T> S saveAndFlush(S row);

  /** Takes a row out. */
  void delete(T row);

  /** Sends on what is stored so far. */
  void flush();
}
