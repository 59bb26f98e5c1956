import type { Schemas } from '../../api/client';
import { lengthTyped, tankTyped, typedLength, typedTank } from '../../words/units';
import { today } from '../../words/days';
import { notANumber, numberOf } from '../../words/number';

/** A saw's card while it is typed: figures as text. */
export interface CardForm {
  make: string;
  model: string;
  power: Schemas['Power'];
  handle: Schemas['Handle'];
  displacementCc: string;
  volts: string;
  inService: string;
  fuelRatio: string;
  fuelTank: string;
  oilTank: string;
  oiler: Schemas['OilerKind'];
  brakeSeat: Schemas['BrakeSeat'];
  adjuster: Schemas['Adjuster'];
  adjusterLead: string;
  adjusterTravel: string;
  nutSize: string;
  captiveNuts: boolean;
  sparkArrestor: boolean;
  plugCode: string;
  houseMethod: Schemas['TensionMethod'] | '';
  usualWork: Schemas['Work'];
}

/** Plain figures; lengths and volumes are read by the server, with their unit. */
export type NumberField = 'displacementCc' | 'volts' | 'fuelRatio';

const NUMBERS: NumberField[] = ['displacementCc', 'volts', 'fuelRatio'];

export function emptyCard(): CardForm {
  return {
    make: '',
    model: '',
    power: 'PETROL',
    handle: 'REAR',
    displacementCc: '',
    volts: '',
    inService: today(),
    fuelRatio: '50',
    fuelTank: '',
    oilTank: '',
    oiler: 'AUTOMATIC_FIXED',
    brakeSeat: 'BODY',
    adjuster: 'SIDE',
    adjusterLead: '',
    adjusterTravel: '',
    nutSize: '',
    captiveNuts: false,
    sparkArrestor: true,
    plugCode: '',
    houseMethod: '',
    usualWork: 'FELLING',
  };
}

export function cardForm(card: Schemas['SawDetails']): CardForm {
  const text = (n: number | undefined) => (n === undefined ? '' : String(n));
  const { fuelTankMl, oilTankMl, adjusterLeadMm, adjusterTravelMm, nutMm, ...rest } = card;
  return {
    ...rest,
    displacementCc: text(card.displacementCc),
    volts: text(card.volts),
    fuelRatio: text(card.fuelRatio),
    fuelTank: typedTank(fuelTankMl),
    oilTank: typedTank(oilTankMl),
    adjusterLead: typedLength(adjusterLeadMm),
    adjusterTravel: typedLength(adjusterTravelMm),
    nutSize: typedLength(nutMm),
    plugCode: card.plugCode ?? '',
    houseMethod: card.houseMethod ?? '',
  };
}

/** Sentences for fields that hold no figure, by field name. */
export function notNumbers(card: CardForm): Partial<Record<NumberField, string>> {
  const problems: Partial<Record<NumberField, string>> = {};
  for (const field of NUMBERS) {
    const problem = notANumber(card[field]);
    if (problem) problems[field] = problem;
  }
  return problems;
}

/** What is sent; {@code before} is the card that was shown, so that a figure nobody touched stays as it was. */
export function cardInput(card: CardForm, before?: Schemas['SawDetails']): Schemas['SawInput'] {
  const { houseMethod, plugCode, ...rest } = card;
  return {
    ...rest,
    displacementCc: numberOf(card.displacementCc),
    volts: numberOf(card.volts),
    fuelRatio: numberOf(card.fuelRatio),
    fuelTank: tankTyped(card.fuelTank, before?.fuelTankMl),
    oilTank: tankTyped(card.oilTank, before?.oilTankMl),
    adjusterLead: lengthTyped(card.adjusterLead, before?.adjusterLeadMm),
    adjusterTravel: lengthTyped(card.adjusterTravel, before?.adjusterTravelMm),
    nutSize: lengthTyped(card.nutSize, before?.nutMm),
    plugCode: plugCode.trim() === '' ? undefined : plugCode,
    houseMethod: houseMethod === '' ? undefined : houseMethod,
  };
}

export type PartSource = 'NONE' | 'SHELF' | 'NEW';

/** A cutting set while it is chosen. */
export interface SetForm {
  /** Bar, loop and sprocket in one line; nothing where each is chosen by itself. */
  line: string | undefined;
  chain: {
    source: PartSource;
    tag: string;
    pitch: Schemas['Pitch'];
    gauge: Schemas['Gauge'];
    driveLinks: string;
    sequence: Schemas['CutterSequence'];
    cutterProfile: Schemas['CutterProfile'];
    /** Of a loop like another one; what is not told is usual. */
    topPlateAngle?: number;
    downTilt?: number;
    tangDepth: string;
    newCutter: string;
    wearMark: string;
    file: string;
  };
  bar: {
    source: PartSource;
    tag: string;
    length: string;
    pitch: Schemas['Pitch'];
    gauge: Schemas['Gauge'];
    driveLinks: string;
    nose: Schemas['NoseKind'];
  };
  sprocket: {
    source: PartSource;
    tag: string;
    kind: Schemas['SprocketKind'];
    teeth: string;
    pitch: Schemas['Pitch'];
  };
  newChain: boolean;
  soakHours: string;
  note: string;
}

export function setForm(saw?: Schemas['SawView']): SetForm {
  const source = (part: unknown): PartSource => (part ? 'SHELF' : saw ? 'NONE' : 'NEW');
  return {
    line: undefined,
    chain: {
      source: source(saw?.chain),
      tag: saw?.chain?.tag ?? '',
      pitch: 'P_325',
      gauge: 'G_050',
      driveLinks: '',
      sequence: 'STANDARD',
      cutterProfile: 'SEMI_CHISEL',
      tangDepth: '',
      newCutter: '',
      wearMark: '',
      file: '',
    },
    bar: {
      source: source(saw?.bar),
      tag: saw?.bar?.tag ?? '',
      length: '',
      pitch: 'P_325',
      gauge: 'G_050',
      driveLinks: '',
      nose: 'SEALED_SPROCKET',
    },
    sprocket: {
      source: source(saw?.sprocket),
      tag: saw?.sprocket?.tag ?? '',
      kind: 'RIM',
      teeth: '7',
      pitch: 'P_325',
    },
    newChain: !saw,
    soakHours: '',
    note: '',
  };
}

/** A set of new parts, named in one line and part by part, like that of another saw where one is given. */
export function newSet(offer: Schemas['NewSawOffer'], used: boolean): SetForm {
  const { chain, bar, sprocket, ...rest } = setForm();
  const like = offer.like;
  return {
    ...rest,
    line: offer.figures ?? '',
    chain: { ...chain, ...(like?.chain ? loopLike(like.chain) : {}), tag: offer.chainTag ?? '' },
    bar: {
      ...bar,
      ...(like?.bar
        ? {
            length: `${like.bar.lengthMm} mm`,
            pitch: like.bar.pitch,
            gauge: like.bar.gauge,
            driveLinks: String(like.bar.driveLinks),
            nose: like.bar.nose,
          }
        : {}),
      tag: offer.barTag ?? '',
    },
    sprocket: {
      ...sprocket,
      ...(like?.sprocket
        ? { kind: like.sprocket.kind, teeth: String(like.sprocket.teeth), pitch: like.sprocket.pitch }
        : {}),
      tag: offer.sprocketTag ?? '',
    },
    newChain: !used,
  };
}

/** The figures of a loop like another one. */
const loopLike = (like: Schemas['ChainView']): Partial<SetForm['chain']> => ({
  pitch: like.pitch,
  gauge: like.gauge,
  driveLinks: String(like.driveLinks),
  sequence: like.sequence,
  cutterProfile: like.cutterProfile,
  topPlateAngle: like.topPlateAngle,
  downTilt: like.downTilt,
  tangDepth: typedLength(like.tangDepthMm),
  newCutter: typedLength(like.newCutterMm),
  wearMark: typedLength(like.wearMarkMm),
  file: typedLength(like.fileMm),
});

/** A line names new parts; its figures count, and not those of the parts. */
const allNew = ({ chain, bar, sprocket }: SetForm) => ({
  chain: { ...chain, source: 'NEW' as const },
  bar: { ...bar, source: 'NEW' as const },
  sprocket: { ...sprocket, source: 'NEW' as const },
});

/** What is sent; JSON turns NaN into nothing, so that the server says the figure is needed. */
export function setInput(set: SetForm): Schemas['SetInput'] {
  const { chain, bar, sprocket } = set.line === undefined ? set : allNew(set);
  return {
    figures: set.line,
    chain:
      chain.source === 'NONE'
        ? undefined
        : chain.source === 'SHELF'
          ? { tag: chain.tag, create: false }
          : {
              tag: chain.tag.trim(),
              create: true,
              pitch: chain.pitch,
              gauge: chain.gauge,
              driveLinks: numberOf(chain.driveLinks),
              sequence: chain.sequence,
              cutterProfile: chain.cutterProfile,
              topPlateAngle: chain.topPlateAngle,
              downTilt: chain.downTilt,
              tangDepth: chain.tangDepth,
              newCutter: chain.newCutter,
              wearMark: chain.wearMark,
              file: chain.file,
            },
    bar:
      bar.source === 'NONE'
        ? undefined
        : bar.source === 'SHELF'
          ? { tag: bar.tag, create: false }
          : {
              tag: bar.tag.trim(),
              create: true,
              length: bar.length,
              pitch: bar.pitch,
              gauge: bar.gauge,
              driveLinks: numberOf(bar.driveLinks),
              nose: bar.nose,
            },
    sprocket:
      sprocket.source === 'NONE'
        ? undefined
        : sprocket.source === 'SHELF'
          ? { tag: sprocket.tag, create: false }
          : {
              tag: sprocket.tag.trim(),
              create: true,
              kind: sprocket.kind,
              teeth: numberOf(sprocket.teeth),
              pitch: sprocket.pitch,
            },
    newChain: set.newChain,
    soakHours: set.newChain ? numberOf(set.soakHours) : undefined,
    note: set.note.trim() === '' ? undefined : set.note,
  };
}
