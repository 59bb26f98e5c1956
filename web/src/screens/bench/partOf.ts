import type { Schemas } from '../../api/client';
import type { SawPart } from '../../parts/SawOutline';

const PARTS: Partial<Record<Schemas['Step'], SawPart>> = {
  MAKE_SAFE: 'all',
  OUTSIDE_LOOK: 'guard',
  ELECTRIC_LOOK: 'tanks',
  BRAKE_LEVER: 'brake',
  INERTIA: 'brake',
  CLEAN_COVER: 'cover',
  BRAKE_BAND: 'brake',
  GROOVE: 'bar',
  RAILS: 'bar',
  BLUING_CAUSE: 'bar',
  DRESS_RAILS: 'bar',
  NOSE: 'nose',
  NOSE_GREASE: 'nose',
  SPROCKET: 'sprocket',
  BEARING: 'sprocket',
  REPLACE_SPROCKET: 'sprocket',
  REPLACE_BAR: 'bar',
  REFIT: 'bar',
  NUTS: 'cover',
  AIR_FILTER: 'top',
  PLUG: 'top',
  ARRESTOR: 'muffler',
  STARTER: 'starter',
  TANKS: 'tanks',
  STRIP_DOWN: 'all',
  NEW_GUARD: 'guard',
  NEW_CATCHER: 'cover',
  NEW_POWER_PART: 'tanks',
  NEW_BAND: 'brake',
  TIGHTEN: 'cover',
  TUNE: 'top',
  NEW_SCREEN: 'muffler',
  NEW_HOSE: 'tanks',
  NEW_ROPE: 'starter',
  NEW_CAP_SEAL: 'tanks',
  NEW_MOUNT: 'handle',
  NEW_CASE_PART: 'all',
  NEW_CONTROL_PART: 'handle',
  FILL: 'tanks',
  BRAKE_RUNNING: 'brake',
  CONTROLS: 'handle',
};

/** Where the hand goes in a step. */
export function partOf(step: Schemas['Step']): SawPart {
  return PARTS[step] ?? 'chain';
}
