import { useEffect } from 'react';
import { useJobs, useSheets, useTools } from './queries';
import { useBench } from './SessionProvider';

/**
 * Brings onto the device, while there is a network, what work needs without one: the sheets, the
 * wrenches and the logs of the jobs in hand. Nobody opens every card before going below deck.
 */
export function useReadyOffline(): void {
  const { ledgers } = useBench();
  useSheets();
  useTools();
  const jobs = useJobs().data?.jobs;
  useEffect(() => {
    void ledgers.bringHere((jobs ?? []).filter((job) => !job.finished));
  }, [jobs, ledgers]);
}
