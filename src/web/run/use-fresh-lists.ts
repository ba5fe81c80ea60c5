import { useEffect } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import type { Run } from '../../contract/runs';

/** Lists that show how a run stands are fetched anew when that changes. */
export function useFreshLists({ practicalId, status }: Run): void {
  const client = useQueryClient();
  useEffect(() => {
    void client.invalidateQueries({ queryKey: ['practical', practicalId] });
    void client.invalidateQueries({ queryKey: ['runs'] });
  }, [client, practicalId, status]);
}
