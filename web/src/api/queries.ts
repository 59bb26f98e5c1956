import type { InfiniteData } from '@tanstack/react-query';
import { useInfiniteQuery, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { Problem, Schemas } from './client';
import { device, get, sawPath, send } from './client';

export const useBoard = () =>
  useQuery<Schemas['Board'], Problem>({
    queryKey: ['board'],
    queryFn: ({ signal }) => get('/api/board', signal),
    refetchInterval: 30_000,
  });

export const useSaw = (tag: string) =>
  useQuery<Schemas['SawView'], Problem>({
    queryKey: ['saw', tag],
    queryFn: ({ signal }) => get(sawPath(tag), signal),
  });

export const useTensionPage = (tag: string) =>
  useQuery<Schemas['TensionPage'], Problem>({
    queryKey: ['tension', tag],
    queryFn: ({ signal }) => get(sawPath(tag, '/tension'), signal),
  });

export const usePeople = () =>
  useQuery<Schemas['PersonView'][], Problem>({
    queryKey: ['people'],
    queryFn: ({ signal }) => get('/api/people', signal),
    staleTime: 300_000,
  });

export const useCrews = () =>
  useQuery<Schemas['CrewView'][], Problem>({
    queryKey: ['crews'],
    queryFn: ({ signal }) => get('/api/crews', signal),
    staleTime: 300_000,
  });

export const useParts = () =>
  useQuery<Schemas['Parts'], Problem>({
    queryKey: ['parts'],
    queryFn: ({ signal }) => get('/api/parts', signal),
  });

/** Settings of the fleet, or of a saw or its model. */
export const useSettings = (scope: Schemas['Scope'] = 'FLEET', saw = '') =>
  useQuery<Schemas['SettingsView'], Problem>({
    queryKey: ['settings', scope, saw],
    queryFn: ({ signal }) =>
      get(`/api/settings?scope=${scope}${saw ? `&saw=${encodeURIComponent(saw)}` : ''}`, signal),
    enabled: scope === 'FLEET' || saw !== '',
  });

export const useSchedule = (tag: string, enabled = true) =>
  useQuery<Schemas['SchedulePage'], Problem>({
    queryKey: ['schedule', tag],
    queryFn: ({ signal }) => get(sawPath(tag, '/schedule'), signal),
    enabled,
  });

export const useOpenOutings = () =>
  useQuery<Schemas['OpenOuting'][], Problem>({
    queryKey: ['outings'],
    queryFn: ({ signal }) => get('/api/outings/open', signal),
  });

/** A visit, asked for again and again: somebody else may be at it on another device. */
export const useVisit = (id: string, personId: string | undefined) =>
  useQuery<Schemas['VisitPage'], Problem>({
    queryKey: ['visit', id],
    queryFn: ({ signal }) =>
      get(
        `/api/visits/${id}${personId ? `?person=${personId}&device=${encodeURIComponent(device())}` : ''}`,
        signal,
      ),
    refetchInterval: (query) => (query.state.data?.ended ? false : 15_000),
    enabled: personId !== undefined,
  });

export const useLog = (filter: URLSearchParams) =>
  useInfiniteQuery<Schemas['LogPage'], Problem, InfiniteData<Schemas['LogPage']>, string[], string>({
    queryKey: ['log', filter.toString()],
    queryFn: ({ signal, pageParam }) => {
      const asked = new URLSearchParams(filter);
      if (pageParam) asked.set('before', pageParam);
      return get(`/api/log?${asked.toString()}`, signal);
    },
    initialPageParam: '',
    getNextPageParam: (last) => last.next,
  });

/** A write; whatever it changed is asked for again afterwards. */
export function useWrite<Answer, Body>(method: 'POST' | 'PUT', path: string) {
  const client = useQueryClient();
  return useMutation<Answer, Problem, Body>({
    mutationFn: (body) => send<Answer>(method, path, body),
    // Not waited for: what is asked for again may take the form away that still has to hear of its success.
    onSuccess: () => {
      void client.invalidateQueries();
    },
  });
}

export const useSharpening = (tag: string) =>
  useQuery<Schemas['SharpeningPage'], Problem>({
    queryKey: ['sharpening', tag],
    queryFn: ({ signal }) => get(sawPath(tag, '/sharpening'), signal),
  });

export const useSawWear = (tag: string, enabled = true) =>
  useQuery<Schemas['SawWearPage'], Problem>({
    queryKey: ['wear', tag],
    queryFn: ({ signal }) => get(sawPath(tag, '/wear'), signal),
    enabled,
  });

export const usePart = (tag: string) =>
  useQuery<Schemas['PartPage'], Problem>({
    queryKey: ['part', tag],
    queryFn: ({ signal }) => get(`/api/parts/${encodeURIComponent(tag)}`, signal),
  });

export const useStores = () =>
  useQuery<Schemas['StoresPage'], Problem>({
    queryKey: ['stores'],
    queryFn: ({ signal }) => get('/api/stores', signal),
  });

export const useCosts = () =>
  useQuery<Schemas['CostPage'], Problem>({
    queryKey: ['costs'],
    queryFn: ({ signal }) => get('/api/stores/costs', signal),
  });

export const useInsights = () =>
  useQuery<Schemas['Insight'][], Problem>({
    queryKey: ['insights'],
    queryFn: ({ signal }) => get('/api/insights', signal),
  });

export const useMoves = (itemId: string) =>
  useQuery<Schemas['MoveView'][], Problem>({
    queryKey: ['moves', itemId],
    queryFn: ({ signal }) => get(`/api/stores/items/${itemId}/moves`, signal),
  });

/** What a step may take from the shelf. */
export const useTakeable = (tag: string, step: Schemas['Step']) =>
  useQuery<Schemas['Takeable'][], Problem>({
    queryKey: ['takeable', tag, step],
    queryFn: ({ signal }) => get(sawPath(tag, `/takeable/${step}`), signal),
    staleTime: 30_000,
  });

/** Asked for again now and then: a look at a card falls due by itself. */
export const useFaults = () =>
  useQuery<Schemas['FaultsPage'], Problem>({
    queryKey: ['faults'],
    queryFn: ({ signal }) => get('/api/faults', signal),
    refetchInterval: 60_000,
  });

export const useFault = (id: string) =>
  useQuery<Schemas['FaultPage'], Problem>({
    queryKey: ['fault', id],
    queryFn: ({ signal }) => get(`/api/faults/${id}`, signal),
    refetchInterval: 60_000,
  });

export const useFaultsOfSaw = (tag: string) =>
  useQuery<Schemas['FaultLine'][], Problem>({
    queryKey: ['faults', tag],
    queryFn: ({ signal }) => get(sawPath(tag, '/faults'), signal),
  });

/** What can be wrong with this saw. */
export const useComplaints = (tag: string) =>
  useQuery<Schemas['ComplaintChoice'][], Problem>({
    queryKey: ['complaints', tag],
    queryFn: ({ signal }) => get(sawPath(tag, '/complaints'), signal),
    enabled: tag !== '',
    retry: false,
    staleTime: 60_000,
  });

export const useOiling = (tag: string, oilAtOutlet: boolean | undefined) =>
  useQuery<Schemas['OilingPage'], Problem>({
    queryKey: ['oiling', tag, oilAtOutlet],
    queryFn: ({ signal }) =>
      get(sawPath(tag, `/oiling${oilAtOutlet === undefined ? '' : `?oilAtOutlet=${oilAtOutlet}`}`), signal),
    placeholderData: (before) => before,
  });

export const useGrade = (celsius: number) =>
  useQuery<Schemas['GradeView'], Problem>({
    queryKey: ['grade', celsius],
    queryFn: ({ signal }) => get(`/api/oiling/grade?celsius=${celsius}`, signal),
    enabled: Number.isFinite(celsius),
    retry: false,
  });
