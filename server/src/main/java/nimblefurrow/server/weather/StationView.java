package nimblefurrow.server.weather;

import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A station and what it holds. */
public record StationView(
    UUID id,
    String name,
    double latitudeDeg,
    double elevationM,
    boolean coastal,
    long days,
    long filledDays,
    @Nullable LocalDate first,
    @Nullable LocalDate last) {}
