import { useQuery } from '@tanstack/react-query';

/** A part of the program that is fetched after the page itself; undefined until it is there. Kept for good, and needs no network twice. */
export function useCode<T>(name: string, load: () => Promise<T>): T | undefined {
  return useQuery({
    queryKey: ['code', name],
    queryFn: load,
    staleTime: Infinity,
    structuralSharing: false,
    networkMode: 'always',
  }).data;
}
