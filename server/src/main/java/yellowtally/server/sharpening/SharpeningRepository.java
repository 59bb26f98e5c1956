package yellowtally.server.sharpening;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.ListCrudRepository;
import yellowtally.core.cuttingset.Pitch;

/** Loops in the vice, now and before. */
interface SharpeningRepository extends ListCrudRepository<Sharpening, UUID> {

    Optional<Sharpening> findByOpenChainId(UUID chainId);

    /** The last sharpenings of a loop whose record stands. */
    @Query("select s from Sharpening s where s.chainId = :chain and s.endedAt is not null and s.recordId is not null"
            + " and not exists (select 1 from WorkVoid v where v.recordId = s.recordId)"
            + " order by s.endedAt desc limit 12")
    List<Sharpening> lastOf(UUID chain);

    /** What was filed off in a past sharpening, and with how many strokes. */
    record Filed(UUID recordId, UUID chainId, Double filedMm, Long strokes) {}

    @Query("""
            select new yellowtally.server.sharpening.SharpeningRepository$Filed(
                s.recordId, s.chainId, sum(c.beforeMm - c.afterMm), sum(c.strokes))
            from Sharpening s join s.cutters c join Chain h on h.id = s.chainId
            where h.pitch = :pitch and s.endedAt is not null and s.recordId is not null and c.damage is null
            and not exists (select 1 from WorkVoid v where v.recordId = s.recordId)
            and c.beforeMm is not null and c.afterMm is not null and c.strokes > 0
            group by s.recordId, s.chainId, s.endedAt order by s.endedAt desc limit 60""")
    List<Filed> filed(Pitch pitch);
}
