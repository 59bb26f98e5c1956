import Box from '@mui/material/Box';
import { Heading } from '../../parts/Heading';
import { Quiet } from '../../parts/Quiet';
import { useMay } from '../../shell/person';
import { Changes } from './Changes';
import { Crews } from './Crews';
import { Devices } from './Devices';
import { FleetName } from './FleetName';
import { NewPerson } from './NewPerson';
import { PeopleList } from './PeopleList';

/** Who is in the fleet and what they may do, the crews that draw saws, and the devices that people sign in from. */
export default function PeopleScreen() {
  const may = useMay('/api/people');
  return (
    <>
      <title>People and crews – Yellow Tally</title>
      <Box sx={{ mt: 2, mb: 2 }}>
        <Heading level={1}>People, crews and devices</Heading>
      </Box>
      {may ? (
        <Box
          sx={{
            display: 'grid',
            gap: 3,
            alignItems: 'start',
            gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 1.7fr) minmax(300px, 1fr)' },
          }}
        >
          <Box sx={{ display: 'grid', gap: 3, minWidth: 0 }}>
            <PeopleList />
            <Devices />
            <Changes />
          </Box>
          <Box sx={{ display: 'grid', gap: 3, minWidth: 0 }}>
            <NewPerson />
            <Crews />
            <FleetName />
          </Box>
        </Box>
      ) : (
        <Quiet>Officers keep people, crews and devices. Ask one of them.</Quiet>
      )}
    </>
  );
}
