package nimblefurrow.server.fields;

import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.io.ParseException;
import org.locationtech.jts.io.WKBReader;
import org.locationtech.jts.io.WKBWriter;

/** Boundaries as well-known binary, longitude and latitude in degrees. */
@Converter
class BoundaryConverter implements AttributeConverter<MultiPolygon, byte[]> {
  @Override
  public byte @Nullable [] convertToDatabaseColumn(@Nullable MultiPolygon boundary) {
    return boundary == null ? null : new WKBWriter().write(boundary);
  }

  @Override
  public @Nullable MultiPolygon convertToEntityAttribute(byte @Nullable [] bytes) {
    if (bytes == null) {
      return null;
    }
    try {
      Geometry geometry = new WKBReader().read(bytes);
      return geometry instanceof Polygon polygon
          ? geometry.getFactory().createMultiPolygon(new Polygon[] {polygon})
          : (MultiPolygon) geometry;
    } catch (ParseException e) {
      throw new IllegalStateException("a stored boundary cannot be read", e);
    }
  }
}
