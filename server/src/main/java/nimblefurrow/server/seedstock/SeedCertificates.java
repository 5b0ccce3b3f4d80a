package nimblefurrow.server.seedstock;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface SeedCertificates extends JpaRepository<SeedCertificate, UUID> {}
