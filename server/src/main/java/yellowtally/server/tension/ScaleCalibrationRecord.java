package yellowtally.server.tension;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.core.tension.TensionMethod;
import yellowtally.server.people.Acting;

/** Record: two methods read on one saw without touching the adjuster. */
@Entity
@Table(name = "scale_calibration")
class ScaleCalibrationRecord {

    @Id
    private UUID id;

    @Enumerated(EnumType.STRING)
    @Column
    private TensionMethod method;

    @Column
    private UUID sawId;

    @Column
    private double figure;

    @Column
    private double pullDownMm;

    private double share;

    @Column
    private Instant at;

    @Column
    private UUID personId;

    /** On which device it was written down; absent in what is older than that. */
    @Column
    private @Nullable String device = Acting.deviceOrNone();

    protected ScaleCalibrationRecord() {}

    ScaleCalibrationRecord(
            UUID id,
            TensionMethod method,
            UUID sawId,
            double figure,
            double pullDownMm,
            double share,
            Instant at,
            UUID personId) {
        this.id = id;
        this.method = method;
        this.sawId = sawId;
        this.figure = figure;
        this.pullDownMm = pullDownMm;
        this.share = share;
        this.at = at;
        this.personId = personId;
    }

    double share() {
        return share;
    }
}
