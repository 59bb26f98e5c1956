import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { Problem, Schemas } from './client';
import { get, sawPath, send } from './client';

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

export const useSettings = () =>
  useQuery<Schemas['SettingsView'], Problem>({
    queryKey: ['settings'],
    queryFn: ({ signal }) => get('/api/settings', signal),
  });

/** A write; whatever it changed is asked for again afterwards. */
export function useWrite<Answer, Body>(method: 'POST' | 'PUT', path: string) {
  const client = useQueryClient();
  return useMutation<Answer, Problem, Body>({
    mutationFn: (body) => send<Answer>(method, path, body),
    onSuccess: () => client.invalidateQueries(),
  });
}
