import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { ForWhoMay } from '../../parts/ForWhoMay';
import { Hook } from '../../parts/Plate';
import { figures } from '../../theme';
import { minutes } from '../../words/format';
import { visitNotes } from '../../words/plan';
import { dayTitle, visitReason, visitTitle } from '../../words/planned';
import { StartVisit } from '../bench/StartVisit';
import { plateId } from './plateId';

interface Props {
  visit: Schemas['PlannedVisit'];
  page: Schemas['PlanPage'];
  /** Its day, and that in words. */
  date: string;
  day: string;
  before: string | undefined;
  after: string | undefined;
  today: boolean;
  onMove: (tag: string, day: string) => void;
  onWish: (wish: Schemas['WishInput']) => void;
}

/** A plate on the rail of a day, with what is done and why; up and down hang it on the day before or after. */
export function PlannedPlate({ visit, page, date, day, before, after, today, onMove, onWish }: Props) {
  const [open, setOpen] = useState(false);
  const saw = page.saws[visit.tag];
  const held = saw?.state === 'HELD' && !visit.again;
  const title = visitTitle(visit, saw);
  const reason = visitReason(visit, page);
  const onKey = (e: React.KeyboardEvent) => {
    const to = e.key === 'ArrowUp' ? before : e.key === 'ArrowDown' ? after : undefined;
    if (to === undefined) return;
    e.preventDefault();
    onMove(visit.tag, to);
  };
  return (
    <Box component="li" sx={{ listStyle: 'none', position: 'relative', minWidth: 0 }}>
      <Box sx={{ display: 'flex', gap: 1.25, alignItems: 'flex-start' }}>
        <Box sx={{ position: 'relative', pt: '7px' }}>
          <Hook left={17} />
          <Box
            component="button"
            type="button"
            id={plateId(visit.tag, date)}
            draggable
            aria-expanded={open}
            aria-label={`Saw ${visit.tag}, ${day}, ${minutes(visit.minutes)}: ${title}. ${reason}`}
            onDragStart={(e: React.DragEvent) => e.dataTransfer.setData('text/plain', visit.tag)}
            onKeyDown={onKey}
            onClick={() => setOpen(!open)}
            sx={(t) => ({
              font: 'inherit',
              p: 0,
              cursor: 'grab',
              display: 'flex',
              flexDirection: 'column',
              alignItems: 'center',
              width: 54,
              height: 62,
              borderRadius: '8px',
              overflow: 'hidden',
              border: `${held ? 2 : 1.5}px ${held ? 'dashed' : 'solid'} ${held ? t.vars.palette.house.rust : t.vars.palette.house.tagEdge}`,
              background: held ? t.vars.palette.house.tagPale : t.vars.palette.house.tag,
              color: held ? t.vars.palette.text.primary : t.vars.palette.house.onTag,
            })}
          >
            <Box
              sx={{ ...figures, fontSize: visit.tag.length > 3 ? 15 : 22, lineHeight: '26px', mt: '12px' }}
            >
              {visit.tag}
            </Box>
            <Box
              sx={(t) => ({
                mt: 'auto',
                width: '100%',
                fontSize: 12,
                fontWeight: 600,
                lineHeight: '19px',
                background: held ? t.vars.palette.house.rust : t.vars.palette.house.onTag,
                color: held ? t.vars.palette.house.onRust : t.vars.palette.house.tag,
              })}
            >
              {minutes(visit.minutes)}
            </Box>
          </Box>
        </Box>
        <Box sx={{ minWidth: 0, fontSize: 14, pt: 0.5, overflowWrap: 'anywhere' }}>
          <Box sx={{ fontWeight: 600, lineHeight: 1.3 }}>{title}</Box>
          <Box sx={{ color: 'text.secondary', fontSize: 13 }}>
            {[held && visit.reason !== 'HELD' ? 'held' : '', reason, ...visitNotes(visit, page)]
              .filter(Boolean)
              .join(' · ')}
          </Box>
        </Box>
      </Box>
      {open && (
        <Acts
          visit={visit}
          before={before}
          after={after}
          today={today}
          onMove={onMove}
          onWish={(wish) => onWish(wish)}
        />
      )}
    </Box>
  );
}

/** What a hand may want of a visit. */
function Acts({
  visit,
  before,
  after,
  today,
  onMove,
  onWish,
}: Pick<Props, 'visit' | 'before' | 'after' | 'today' | 'onMove' | 'onWish'>) {
  const { tag, pinned } = visit;
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75, mt: 0.75 }}>
      {today && (
        <ForWhoMay write="/api/saws/{tag}/visits" silent>
          <StartVisit tag={tag} />
        </ForWhoMay>
      )}
      {before !== undefined && (
        <Button size="small" variant="outlined" onClick={() => onMove(tag, before)}>
          {dayTitle(before)}
        </Button>
      )}
      {after !== undefined && (
        <Button size="small" variant="outlined" onClick={() => onMove(tag, after)}>
          {dayTitle(after)}
        </Button>
      )}
      <Button size="small" variant="outlined" onClick={() => onWish({ tag, kind: 'LEFT_OUT' })}>
        Leave it out
      </Button>
      {pinned && (
        <Button size="small" variant="outlined" onClick={() => onWish({ tag, kind: 'AS_PLANNED' })}>
          Where the plan has it
        </Button>
      )}
      <Button size="small" variant="text" href={`/saws/${tag}`}>
        Saw {tag}
      </Button>
    </Box>
  );
}
