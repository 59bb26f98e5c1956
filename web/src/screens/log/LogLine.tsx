import { ForWhoMay } from '../../parts/ForWhoMay';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { TagPlate } from '../../parts/Plate';
import { dayOf, momentOf } from '../../words/format';
import { stepWords } from '../../words/bench';
import type { GatheredLine, StepEntry } from './gathered';
import { lineOf, figuresOf } from './lineOf';
import { CorrectOuting } from '../corrections/CorrectOuting';
import { CorrectVisit } from '../corrections/CorrectVisit';
import { StrikeOut } from '../corrections/StrikeOut';
import { AddPhoto } from '../photos/AddPhoto';
import { Thumbs } from '../photos/Thumbs';

/** When it happened; of what was told out of a notebook nobody knows the hour. */
function whenOf(entry: Schemas['LogEntry']): string {
  return entry.kind === 'STEP' && entry.step.told ? dayOf(entry.at) : momentOf(entry.at);
}

/** One record as a line that reads: when, which saw, what, who. What was struck out stays readable. */
export function LogLine({ line, withTag }: { line: GatheredLine; withTag: boolean }) {
  const { entry } = line;
  const steps = line.with.length > 0 && entry.kind === 'STEP' ? [...line.with, entry] : [];
  const [each, setEach] = useState(false);
  const { head, rest } = steps.length > 0 ? visitLine(steps) : lineOf(entry);
  const struck = strikeOf(entry) !== undefined;
  return (
    <Box
      component="li"
      sx={(t) => ({
        display: 'grid',
        gridTemplateColumns: {
          xs: withTag ? 'auto 1fr' : '1fr',
          sm: withTag ? '128px minmax(48px, max-content) minmax(0, 1fr)' : '128px 1fr',
          lg: withTag ? '150px minmax(56px, max-content) minmax(0, 1fr) 200px' : '150px minmax(0, 1fr) 200px',
        },
        columnGap: 1.5,
        rowGap: 0.25,
        py: 0.9,
        borderBottom: `1px solid ${t.vars.palette.house.hairline}`,
      })}
    >
      <Box sx={{ color: 'text.secondary', gridColumn: { xs: '1 / -1', sm: 'auto' }, fontSize: 14 }}>
        {whenOf(entry)}
      </Box>
      {withTag && (
        <Box>
          <TagPlate tag={entry.tag} />
        </Box>
      )}
      <Box sx={{ minWidth: 0, overflowWrap: 'anywhere' }}>
        <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 1.5, alignItems: 'baseline' }}>
          <Box sx={{ textDecoration: struck ? 'line-through' : 'none' }}>
            <Box component="span" sx={{ fontWeight: 600 }}>
              {head}
            </Box>
            {rest && ` ${rest}`}
          </Box>
          <Box
            sx={{
              color: 'text.secondary',
              fontSize: 13.5,
              flex: { xs: '1 1 60%', lg: '0 1 auto' },
              // The person has a column of its own where there is room.
              display: { lg: aside(entry) ? 'block' : 'none' },
            }}
          >
            <Box component="span" sx={{ display: { lg: 'none' } }}>
              {whoOf(entry)}
              {aside(entry) && '. '}
            </Box>
            {aside(entry)}
          </Box>
          {steps.length === 0 && !struck && (
            <>
              <ForWhoMay write="/api/records/{recordId}/strike" silent>
                <PutRight entry={entry} />
              </ForWhoMay>
              <TakePhoto entry={entry} />
            </>
          )}
          {steps.length > 0 && (
            <Button
              variant="text"
              size="small"
              aria-expanded={each}
              sx={{ p: 0, minWidth: 0, minHeight: 28, fontSize: 13 }}
              onClick={() => setEach(!each)}
            >
              {each ? 'Show together' : 'Step by step'}
            </Button>
          )}
        </Box>
        {!each && <Thumbs photos={(steps.length > 0 ? steps : [entry]).flatMap(photosOf)} of={head} />}
        {each && (
          <Box component="ol" sx={{ listStyle: 'none', p: 0, m: 0 }}>
            {steps.map((step) => (
              <LogLine key={step.id} line={{ entry: step, with: [] }} withTag={false} />
            ))}
          </Box>
        )}
      </Box>
      <Box
        title={whoOf(entry)}
        sx={{
          display: { xs: 'none', lg: 'block' },
          color: 'text.secondary',
          fontSize: 14,
          overflow: 'hidden',
          textOverflow: 'ellipsis',
          whiteSpace: 'nowrap',
        }}
      >
        {whoOf(entry)}
      </Box>
    </Box>
  );
}

/** Who, and on which device where that is known. */
function whoOf(entry: Schemas['LogEntry']): string {
  return entry.device ? `${entry.by}, ${entry.device}` : entry.by;
}

/** What puts this record right, where it stands. */
function PutRight({ entry }: { entry: Schemas['LogEntry'] }) {
  switch (entry.kind) {
    case 'STEP':
      return <StrikeOut recordId={entry.id} />;
    case 'OUT':
    case 'BACK':
      return <CorrectOuting outingId={entry.id} />;
    case 'VISIT_ENDED':
      return <CorrectVisit visitId={entry.id} />;
    default:
      return null;
  }
}

/** A photo is put to work and to complaints. */
function TakePhoto({ entry }: { entry: Schemas['LogEntry'] }) {
  if (entry.kind === 'STEP') return <AddPhoto about="RECORD" aboutId={entry.id} small />;
  return entry.kind === 'FAULT' && entry.fault.happened === undefined ? (
    <AddPhoto about="FAULT" aboutId={entry.id} small />
  ) : null;
}

function photosOf(entry: Schemas['LogEntry']): string[] {
  return entry.kind === 'STEP' || entry.kind === 'FAULT' ? entry.photos : [];
}

/** Who it was, what was noted with it, and what became of it. */
function aside(entry: Schemas['LogEntry']): string {
  const note = entry.kind === 'RELEASED' ? undefined : entry.note;
  const strike = strikeOf(entry);
  const corrects = entry.kind === 'OUT' || entry.kind === 'BACK' ? entry.corrects : undefined;
  return [
    corrects ? undefined : note?.replace(/\.$/, ''),
    corrects && `Put right by ${corrects.by}, ${momentOf(corrects.at)}: ${corrects.reason}`,
    strike && `Struck out by ${strike.by}, ${momentOf(strike.at)}: ${strike.reason}`,
  ]
    .filter(Boolean)
    .join('. ');
}

function strikeOf(entry: Schemas['LogEntry']): Schemas['StrikeLine'] | undefined {
  return 'struck' in entry ? entry.struck : undefined;
}

function visitLine(steps: StepEntry[]): { head: string; rest: string } {
  return {
    head: `At the bench, ${steps.length} steps fine:`,
    rest: steps.map(({ step }) => inVisit(step)).join('; '),
  };
}

/** A step that was fine, with what was measured in it. */
function inVisit(step: Schemas['StepLine']): string {
  const measured = figuresOf(step).join(', ');
  return `${stepWords[step.step].title.toLowerCase()}${measured ? ` (${measured})` : ''}`;
}
