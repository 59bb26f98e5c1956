import {
  keepPreviousData,
  useInfiniteQuery,
  useMutation,
  useQuery,
  useQueryClient,
} from '@tanstack/react-query';
import type { InfiniteData, UseQueryOptions } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import type { Answer, Asked, Body, Params, Schemas, Written } from './client';
import { get, send, signedIn } from './client';
import { soonIfAway } from './away';
import type { Problem } from './problem';

type Options<P> = Omit<UseQueryOptions<Answer<P>, Problem>, 'queryKey' | 'queryFn'>;

/** Asks the server; what an address takes and what it answers comes from the schema, so that no pair can be wrong. */
export function useAsked<P extends Asked>(path: P, params: Params<P>, options: Options<P> = {}) {
  return useQuery<Answer<P>, Problem>({
    queryKey: [path, params],
    queryFn: ({ signal }) => get(path, params, signal),
    ...options,
  });
}

const SETTLE_MS = 60;

/** What it has been for a moment: a hand that types is not asked about each key. */
function useSettled<T>(value: T): T {
  const text = JSON.stringify(value);
  const [settled, setSettled] = useState({ text, value });
  useEffect(() => {
    const timer = setTimeout(() => setSettled({ text, value: JSON.parse(text) as T }), SETTLE_MS);
    return () => clearTimeout(timer);
  }, [text]);
  return settled.value;
}

/**
 * Asks what a body would mean, at typing speed; nothing is stored by it. An answer to an older body may still be shown; it must
 * not be acted on unless it is current.
 */
export function usePreviewed<P extends Written<'post'>>(
  path: P,
  params: Params<P, 'post'>,
  body: Body<P, 'post'>,
  begun = true,
): { answer: Answer<P, 'post'> | undefined; current: boolean; error: Problem | null } {
  const settled = useSettled(body);
  const query = useQuery<Answer<P, 'post'>, Problem>({
    queryKey: [path, params, settled],
    queryFn: ({ signal }) => send(path, params, settled, { signal }),
    placeholderData: keepPreviousData,
    staleTime: 60_000,
    enabled: begun,
  });
  const current =
    JSON.stringify(settled) === JSON.stringify(body) && !query.isPlaceholderData && query.data !== undefined;
  return { answer: begun ? query.data : undefined, current, error: query.error };
}

/** A write; whatever it changed is asked for again afterwards. */
export function useWrite<P extends Written<M>, M extends 'post' | 'put' = 'post'>(
  path: P,
  params: Params<P, M>,
  method?: M,
) {
  const client = useQueryClient();
  return useMutation<Answer<P, M>, Problem, Body<P, M>>({
    mutationFn: (body) => send<P, M>(path, params, body, method ? { method } : {}),
    // Not waited for: what is asked for again may take the form away that still has to hear of its success.
    onSuccess: () => {
      void client.invalidateQueries();
    },
  });
}

const AWAY_MS = 60_000;

/** The key of what {@link useSignIn} knows. */
export const SIGN_IN = ['/api/sign-in', {}];

/** How the fleet writes; every screen waits for it once. */
export const useHouse = () =>
  useAsked('/api/house', {}, { staleTime: 60_000, refetchInterval: soonIfAway(AWAY_MS) });
export const useBoard = () => useAsked('/api/board', {}, { refetchInterval: soonIfAway(30_000) });
/** The crew that a saw is out with; nothing while it is in. */
export function useOutWith(tag: string): string | undefined {
  const { data: board } = useBoard();
  return board?.rails.find((rail) => rail.kind === 'CREW' && rail.plates.some((p) => p.tag === tag))?.crew;
}
/** Every saw in service with its set; it tells nothing that the board does not tell first. */
export const usePlan = () => useAsked('/api/plan', {}, { refetchInterval: soonIfAway(60_000) });
/** What has to be told, and the mail that told it. */
export const useReminders = () => useAsked('/api/reminders', {}, { refetchInterval: soonIfAway(60_000) });
/** Minutes estimated and taken at the bench. */
export const useMinutes = () => useAsked('/api/minutes', {});
export const useSawList = () => useAsked('/api/saws', {}, { refetchInterval: soonIfAway(30_000) });
/** What is offered for a new saw, like another or like none; asked anew each time, since every one that is added changes it. */
export const useNewSaw = (like: string) =>
  useAsked('/api/new-saw', { query: like === '' ? {} : { like } }, { staleTime: 0 });
/** The makes and models of the fleet: a list that grows with its saws. */
export const useModels = () => useAsked('/api/models', {});
/** The photos of a complaint or of a record. */
export const usePhotos = (about: string) => useAsked('/api/photos', { query: { about } });
/** What was told of a saw's past. */
export const usePast = (tag: string) => useAsked('/api/saws/{tag}/past', { path: { tag } });
export const useSaw = (tag: string) => useAsked('/api/saws/{tag}', { path: { tag } });
/** What striking a record out would do to its saw; asked anew each time, since every write may change it. */
export const useStrikeEffect = (recordId: string) =>
  useAsked('/api/records/{recordId}/strike', { path: { recordId } }, { staleTime: 0 });
export const useOutingStrikeEffect = (outingId: string) =>
  useAsked('/api/outings/{outingId}/strike', { path: { outingId } }, { staleTime: 0 });
/** An entry of an outing to put right; read anew each time, since somebody else may have done it. */
export const useOutingEntry = (outingId: string) =>
  useAsked('/api/outings/{outingId}', { path: { outingId } }, { staleTime: 0 });
export const useVisitStrikeEffect = (visitId: string) =>
  useAsked('/api/visits/{visitId}/strike', { path: { visitId } }, { staleTime: 0 });
export const useTensionPage = (tag: string) => useAsked('/api/saws/{tag}/tension', { path: { tag } });
/** Who is signed in here; asked for again when a session has ended, and now and then for what others changed. */
export const useSignIn = () =>
  useQuery<Schemas['SignInView'], Problem>({
    queryKey: SIGN_IN,
    queryFn: async ({ signal }) => signedIn(await get('/api/sign-in', {}, signal)),
    staleTime: 60_000,
    refetchInterval: soonIfAway(AWAY_MS),
  });
export const useAccess = () => useAsked('/api/people/access', {});
export const usePeopleChanges = () => useAsked('/api/people/changes', {});
export const useDevices = () => useAsked('/api/devices', {});
export const usePeople = () => useAsked('/api/people', {}, { staleTime: 300_000 });
export const useCrews = () => useAsked('/api/crews', {}, { staleTime: 300_000 });
export const useParts = () => useAsked('/api/parts', {});
/** Parts that are not fitted now, or not without a look; their tags are marked wherever they stand. */
export const useOutOfUse = () => useAsked('/api/out-of-use', {});
export const useOpenOutings = () => useAsked('/api/outings/open', {});
export const useSharpening = (tag: string) => useAsked('/api/saws/{tag}/sharpening', { path: { tag } });
export const usePart = (tag: string) => useAsked('/api/parts/{tag}', { path: { tag } });
export const useStores = () => useAsked('/api/stores', {});
export const useCosts = () => useAsked('/api/stores/costs', {});
/** Cans that have fuel in them, the oldest first. */
export const useCans = () => useAsked('/api/fuel/cans', {});
/** The oil for an amount of fuel; asked at typing speed, and not at all while a figure is missing. */
export function useMix(asked: { amount: number; unit: Schemas['FuelUnit']; ratio: number } | undefined) {
  const settled = useSettled(asked ?? null);
  return useAsked(
    '/api/fuel/mix',
    { query: settled ?? { amount: 0, unit: 'LITRE', ratio: 0 } },
    { enabled: settled !== null, retry: false },
  );
}
export const useInsights = () => useAsked('/api/insights', {});
export const useMoves = (itemId: string) =>
  useAsked('/api/stores/items/{itemId}/moves', { path: { itemId } });
export const useFaultsOfSaw = (tag: string) => useAsked('/api/saws/{tag}/faults', { path: { tag } });

/** Parts that a mechanic or dealer has, and those that are back and wait for a look. */
export const usePartsAway = () => useAsked('/api/parts-away', {});
/** When one part was with a mechanic or dealer, the last time first. */
export const usePartAway = (tag: string) => useAsked('/api/parts/{tag}/away', { path: { tag } });
/** Where a saw is that is not here, and where it has been. */
export const useAway = (tag: string, enabled: boolean) =>
  useAsked('/api/saws/{tag}/away', { path: { tag } }, { enabled });

/** Settings of the fleet, or of a saw or its model. */
export const useSettings = (scope: Schemas['Scope'] = 'FLEET', saw = '') =>
  useAsked(
    '/api/settings',
    { query: { scope, ...(saw ? { saw } : {}) } },
    { enabled: scope === 'FLEET' || saw !== '' },
  );

export const useSchedule = (tag: string, enabled = true) =>
  useAsked('/api/saws/{tag}/schedule', { path: { tag } }, { enabled });

/** A visit, asked for again and again: somebody else may be at it on another device. */
export const useVisit = (visitId: string) =>
  useAsked(
    '/api/visits/{visitId}',
    { path: { visitId } },
    {
      refetchInterval: (query) => (query.state.data?.ended || query.state.data?.struck ? false : 15_000),
    },
  );

export type LogFilter = NonNullable<Params<'/api/log'>['query']>;

export const useLog = (filter: LogFilter) =>
  useInfiniteQuery<Schemas['LogPage'], Problem, InfiniteData<Schemas['LogPage']>, unknown[], string>({
    queryKey: ['/api/log', filter],
    queryFn: ({ signal, pageParam }) =>
      get('/api/log', { query: { ...filter, ...(pageParam ? { before: pageParam } : {}) } }, signal),
    initialPageParam: '',
    getNextPageParam: (last) => last.next,
  });

export const useSawWear = (tag: string, enabled = true) =>
  useAsked('/api/saws/{tag}/wear', { path: { tag } }, { enabled });

/** What a step may take from the shelf. */
export const useTakeable = (tag: string, step: Schemas['Step']) =>
  useAsked('/api/saws/{tag}/takeable/{step}', { path: { tag, step } }, { staleTime: 30_000 });

/** Asked for again now and then: a look at a card falls due by itself. */
export const useFaults = () => useAsked('/api/faults', {}, { refetchInterval: soonIfAway(60_000) });

export const useFault = (id: string) =>
  useAsked('/api/faults/{id}', { path: { id } }, { refetchInterval: soonIfAway(60_000) });

/** What can be wrong with this saw. */
export const useComplaints = (tag: string) =>
  useAsked(
    '/api/saws/{tag}/complaints',
    { path: { tag } },
    { enabled: tag !== '', retry: false, staleTime: 60_000 },
  );

export const useOiling = (tag: string, oilAtOutlet: boolean | undefined) =>
  useAsked(
    '/api/saws/{tag}/oiling',
    { path: { tag }, query: oilAtOutlet === undefined ? {} : { oilAtOutlet } },
    { placeholderData: keepPreviousData },
  );

export const useGrade = (celsius: number) =>
  useAsked('/api/oiling/grade', { query: { celsius } }, { enabled: Number.isFinite(celsius), retry: false });

const NOTICES_MS = 10_000;

/** What every screen has to say while it is so; asked for again and again, since most of it passes by itself. */
export const useNotices = () => useAsked('/api/state', {}, { refetchInterval: NOTICES_MS, retry: false });

const UNDER_WAY_MS = 1_000;

/** How the records are sealed; followed while a check is under way. */
export const useSeal = () =>
  useAsked(
    '/api/seal',
    {},
    { refetchInterval: (query) => (query.state.data?.checking ? UNDER_WAY_MS : false) },
  );

/** How far the file of a fleet is read, while it is. */
export const useBringingIn = (underWay: boolean) =>
  useAsked('/api/set-up/fleet-file', {}, { enabled: underWay, refetchInterval: UNDER_WAY_MS, retry: false });

export const useCalendarFeeds = () => useAsked('/api/calendar-feeds', {});

/** The kinds of sheet that can be brought in, and the columns that each may have. */
export const useSheetKinds = () => useAsked('/api/sheets-in/kinds', {}, { staleTime: Infinity });

/** A file that was brought. */
export const useFoundFile = (fileId: string) =>
  useAsked('/api/sheets-in/{fileId}', { path: { fileId } }, { staleTime: Infinity, retry: false });

/** How the columns of a sheet seem to be meant. */
export const useSheetMatch = (
  fileId: string,
  query: { sheet: number; kind: Schemas['SheetKind']; headings: number },
) => useAsked('/api/sheets-in/{fileId}/match', { path: { fileId }, query }, { staleTime: Infinity });

/** What was done last with a sheet of a file: the run that was begun, where one was; followed while it is under way. */
export const useSheetRun = (fileId: string, runId: string | undefined) =>
  useAsked(
    '/api/sheets-in/{fileId}/run',
    { path: { fileId } },
    {
      retry: false,
      refetchInterval: ({ state: { data } }) =>
        data?.state === 'UNDER_WAY' || (runId !== undefined && data?.runId !== runId) ? UNDER_WAY_MS : false,
    },
  );

/** What came of the lines of a sheet, from one of them on. */
export const useSheetLines = (fileId: string, query: { from: number; wrong: boolean }, ended: boolean) =>
  useAsked(
    '/api/sheets-in/{fileId}/lines',
    { path: { fileId }, query },
    { enabled: ended, placeholderData: keepPreviousData },
  );

/** The backups; followed while one is being made. */
export const useBackups = () =>
  useAsked(
    '/api/backups',
    {},
    { refetchInterval: (query) => (query.state.data?.underWay ? UNDER_WAY_MS : false) },
  );

/** What a seal that was printed is worth. */
export const usePaper = (code: string) =>
  useAsked('/api/seal/papers/{code}', { path: { code } }, { enabled: code !== '', retry: false });
