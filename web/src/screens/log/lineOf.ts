import { house } from '../../words/house';
import type { Schemas } from '../../api/client';
import { figureWords, findingWords, measureWords, outcomeWords, stepWords } from '../../words/bench';
import { words } from '../../words/en';
import { happenedWords, wetWords } from '../../words/faults';
import { figure, rounded } from '../../words/format';
import { closedWords, sawChangeWords } from '../../words/log';
import { units } from '../../words/schedule';
import { verdictWord } from '../../words/tension';

/** A record in words: what it was, and what it said. */
export function lineOf(entry: Schemas['LogEntry']): { head: string; rest: string } {
  switch (entry.kind) {
    case 'STEP':
      return stepLine(entry.step);
    case 'OUT':
      return { head: 'Out', rest: entry.crew ? `with ${entry.crew}` : '' };
    case 'BACK':
      return { head: 'Back', rest: entry.back ? outingLine(entry.back) : '' };
    case 'FITTED':
      return {
        head: 'Fitted',
        rest: [
          entry.set.chain && `chain ${entry.set.chain}${entry.set.newChain ? ' (new)' : ''}`,
          entry.set.bar && `bar ${entry.set.bar}`,
          entry.set.sprocket && `sprocket ${entry.set.sprocket}`,
        ]
          .filter(Boolean)
          .join(', '),
      };
    case 'HELD':
      return { head: 'Held by a person', rest: '' };
    case 'RELEASED':
      return { head: 'Released', rest: '' };
    case 'FAULT':
      return faultLine(entry.fault);
    case 'SAW':
      return {
        head: sawChangeWords[entry.change],
        rest: entry.tagBefore ? `before it was ${entry.tagBefore}` : '',
      };
    case 'VISIT_ENDED':
      return {
        head: 'Visit closed',
        rest: closedWords[entry.decision],
      };
  }
}

function faultLine(fault: Schemas['FaultLogLine']): { head: string; rest: string } {
  const what = (fault.what ?? '').toLowerCase();
  if (!fault.happened) return { head: 'Complaint', rest: what };
  const wet = fault.wet ? `, ${wetWords[fault.wet].toLowerCase()}` : '';
  return { head: happenedWords[fault.happened], rest: `${what}${wet}` };
}

function stepLine(step: Schemas['StepLine']): { head: string; rest: string } {
  const title = stepWords[step.step].title;
  const said = step.tension
    ? [verdictWord(step.tension, false).toLowerCase(), step.reading ? readingWords(step.reading) : '']
    : [
        step.told ? 'told when it was brought in' : '',
        step.outcome === 'FINE' ? '' : outcomeWords[step.outcome].toLowerCase(),
        ...step.findings.map((f) => findingWords[f].toLowerCase()),
        ...figuresOf(step),
      ];
  const found = said.filter(Boolean);
  return {
    head: title,
    rest: [...(found.length > 0 ? found : ['fine']), step.part ?? ''].filter(Boolean).join(', '),
  };
}

/** What was read and how: 6.1 mm tang line; by eye, tips level. */
function readingWords({ method, figure: read, tips }: Schemas['ReadingLine']): string {
  const how = words.method[method].toLowerCase();
  if (read !== undefined) return `${figure(read, method)} ${how}`;
  return tips ? `by eye, tips ${words.tips[tips].toLowerCase()}` : how;
}

/** The figures of a step in words, each with its unit. */
export function figuresOf(step: Schemas['StepLine']): string[] {
  return told(step.figures).map(
    ([measure, read]) =>
      `${measureWords[measure].toLowerCase()} ${figureWords(read, house().figures[measure] ?? 'LENGTH')}`,
  );
}

function outingLine({ use, power }: Schemas['BackLine']): string {
  return [
    units(use.tanks, 'TANKS', power),
    use.oilShare === undefined ? '' : `${rounded(use.oilShare, 2)} of bar oil`,
    ...use.works.map((w) => words.work[w].toLowerCase()),
    use.woods.length > 0 ? `${use.woods.map((w) => words.wood[w].toLowerCase()).join(', ')} wood` : '',
    use.rain ? 'rain' : '',
    use.groundStruck ? 'ground struck' : '',
    use.dustSeen ? 'dust, not chips' : '',
    use.chainSlack ? 'chain slack' : '',
    use.daysRun === undefined ? '' : `ran on ${use.daysRun === 1 ? '1 day' : `${use.daysRun} days`}`,
    use.complaint ? `“${use.complaint}”` : '',
  ]
    .filter(Boolean)
    .join(', ');
}

/** What was read; what only follows from it is not told twice. */
function told(figures: Schemas['StepLine']['figures']): [Schemas['Measure'], number][] {
  const bySide = figures.GAUGE_LEFT_LEAST !== undefined;
  return (Object.entries(figures) as [Schemas['Measure'], number][]).filter(
    ([measure]) => measure !== 'GAUGE_LEAST' && !(bySide && measure === 'GAUGE_SETTING'),
  );
}
