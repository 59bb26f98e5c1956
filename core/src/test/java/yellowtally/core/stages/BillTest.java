package yellowtally.core.stages;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import yellowtally.core.settings.Numbers;

class BillTest {

    /** Handbook section 10: each opened stage once, closing included. */
    @ParameterizedTest
    @CsvSource({
        "CLOSED,                    2,  0,    2",
        "RUNNING,                   2,  0,    2",
        "COVER_OFF,                 5,  4,    9",
        "BAR_OFF,                   4,  7,   11",
        "DRUM_OFF,                  3, 14,   17",
        "TOP_COVER_OFF,             3,  1,    4",
        "SCREEN_OUT,                4,  6,   10",
        "STARTER_OFF,               8,  4,   12",
        "TANKS_DRAINED,            10,  5,   15",
        "COVER_OFF BAR_OFF,         9,  7,   16",
        "COVER_OFF BAR_OFF DRUM_OFF, 12, 14, 26",
        "BAR_OFF BAR_OFF DRUM_OFF, 11, 14,   25",
        "BAR_OFF TOP_COVER_OFF,     7,  8,   15",
    })
    void billsEachStageOnce(String stages, double work, double access, double total) {
        List<Stage> opened =
                Arrays.stream(stages.split(" ")).map(Stage::valueOf).toList();
        Bill bill = Bill.of(opened, work, Numbers.STANDARD);
        assertThat(bill.accessMinutes()).isEqualTo(access);
        assertThat(bill.totalMinutes()).isEqualTo(total);
    }

    @ParameterizedTest
    @EnumSource(Stage.class)
    void workAtAStageThatIsOpenAlreadyOpensNothingMore(Stage stage) {
        assertThat(Bill.of(List.of(stage, stage), 0, Numbers.STANDARD))
                .isEqualTo(Bill.of(List.of(stage), 0, Numbers.STANDARD));
        stage.opened()
                .forEach(under -> assertThat(Bill.of(List.of(stage, under), 0, Numbers.STANDARD))
                        .isEqualTo(Bill.of(List.of(stage), 0, Numbers.STANDARD)));
    }

    @Test
    void changedMinutesCount() {
        Numbers slow = new Numbers(Map.of(StageSetting.COVER_OPEN, 3.0));
        assertThat(Bill.of(List.of(Stage.BAR_OFF), 0, slow).totalMinutes()).isEqualTo(9);
    }
}
