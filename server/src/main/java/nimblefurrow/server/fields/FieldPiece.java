package nimblefurrow.server.fields;

import jakarta.persistence.CascadeType;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.OneToMany;
import jakarta.persistence.OrderBy;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;

/** A part of a field that is worked on its own, with its own chain of crops and covers. */
@Entity
class FieldPiece {
  @Id UUID id;

  @ManyToOne(fetch = FetchType.LAZY)
  Field field;

  String name = "";
  BigDecimal share = BigDecimal.ONE;
  int position;

  @OneToMany(mappedBy = "piece", cascade = CascadeType.ALL, orphanRemoval = true)
  @OrderBy("seasonYear")
  List<CropLink> crops = new ArrayList<>();
}
