package yellowtally.server.log;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import yellowtally.core.steps.Power;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.people.People;

/** A page of the log is read in several questions; a saw may be added, and its first record written, between two of them. */
class LogNamesTest {

    private final Fleet fleet = mock(Fleet.class);
    private final UUID known = UUID.randomUUID();
    private final UUID meanwhile = UUID.randomUUID();

    private LogNames names() {
        when(fleet.sawNames()).thenReturn(Map.of(known, new Fleet.SawName(known, "06", Power.PETROL)));
        when(fleet.sawName(meanwhile)).thenReturn(new Fleet.SawName(meanwhile, "17", Power.BATTERY));
        return new LogNames(mock(People.class), fleet);
    }

    @Test
    void knownSawsAreNotAskedForOneByOne() {
        LogNames names = names();
        assertThat(names.tag(known)).isEqualTo("06");
        assertThat(names.power(known)).isEqualTo(Power.PETROL);
        verify(fleet, never()).sawName(any());
    }

    @Test
    void aSawThatCameMeanwhileIsAskedForOnce() {
        LogNames names = names();
        assertThat(names.tag(meanwhile)).isEqualTo("17");
        assertThat(names.power(meanwhile)).isEqualTo(Power.BATTERY);
        verify(fleet, times(1)).sawName(meanwhile);
    }
}
