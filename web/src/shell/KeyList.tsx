import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import { Fragment } from 'react';
import { Key } from '../parts/Key';

const KEYS: [string, [string, string][]][] = [
  [
    'Anywhere',
    [
      ['/', 'Find a saw by its tag'],
      ['B', 'Board'],
      ['N', 'Bench'],
      ['O', 'Out and back'],
      ['S', 'Saws'],
      ['F', 'Faults'],
      ['P', 'Stores'],
      ['L', 'Log'],
      ['G', 'Settings'],
      ['?', 'This list'],
    ],
  ],
  [
    'On a saw',
    [
      ['V', 'Start the visit, or go on with it'],
      ['T', 'Tension check'],
      ['R', 'Record one task'],
      ['M', 'Sharpen: map the loop in the vice'],
      ['C', 'Take a complaint'],
      ['I', 'Oiling'],
      ['E', 'Edit the saw'],
    ],
  ],
  [
    'At the bench',
    [
      ['1 2 3', 'Fine, attend, fail'],
      ['Enter', 'Save, and on to the next step'],
      ['Backspace', 'Back to the step before'],
      ['K', 'Skip the step, with a reason'],
      ['U', 'Take the last entry back'],
      ['H', 'At the end: sign, and hang the plate back'],
    ],
  ],
  [
    'Finding a fault',
    [
      ['1 2 3', 'Answers, as they stand on their keys'],
      ['0', 'Cannot tell'],
      ['Backspace', 'Take the last answer back'],
      ['Enter', 'The cause that stands clear becomes bench work'],
      ['C', 'On the board and the list of faults: take a complaint'],
    ],
  ],
  [
    'At the vice',
    [
      ['Enter', 'Store the length, on to the next cutter; or: all strokes made'],
      ['Up Down', 'Another cutter'],
      ['Space', 'One stroke made'],
    ],
  ],
  [
    'Tension check',
    [
      ['F', 'All six conditions of a fair reading hold'],
      ['Enter', 'Do what the verdict bar offers first'],
      ['Ctrl Enter', 'Save the check as it is'],
      ['R', 'Back to the reading'],
    ],
  ],
];

/** Every key, in words. */
export function KeyList({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Dialog open={open} onClose={onClose} aria-labelledby="key-list-title">
      <Box sx={{ p: 3, minWidth: { sm: 420 } }}>
        <Box component="h2" id="key-list-title" sx={{ typography: 'h2', m: 0 }}>
          Keys
        </Box>
        {KEYS.map(([where, keys]) => (
          <Fragment key={where}>
            <Box component="h3" sx={{ typography: 'h3', mt: 2, mb: 0.5 }}>
              {where}
            </Box>
            <Box component="dl" sx={{ display: 'grid', gridTemplateColumns: '96px 1fr', rowGap: 0.75, m: 0 }}>
              {keys.map(([key, does]) => (
                <Fragment key={key}>
                  <dt>
                    <Key>{key}</Key>
                  </dt>
                  <Box component="dd" sx={{ m: 0 }}>
                    {does}
                  </Box>
                </Fragment>
              ))}
            </Box>
          </Fragment>
        ))}
        <Button variant="outlined" onClick={onClose} sx={{ mt: 3 }}>
          Close
        </Button>
      </Box>
    </Dialog>
  );
}
