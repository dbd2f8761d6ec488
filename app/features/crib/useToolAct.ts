import { formatISO } from 'date-fns/formatISO';
import { useState } from 'react';
import { v7 as uuidv7 } from 'uuid';
import { AnsweredProblem, client } from '@cardinex/contract/client';
import type { ToolAct, ToolActData, ToolActType } from '@cardinex/core/tools/tool';
import { toolsWords as w } from '@cardinex/words/tools';
import { queryClient } from '../../session/queryClient';
import { useBench } from '../../session/SessionProvider';

/** Adds acts to a tool's log; the server answers at once, for the crib stands in the shop. */
export function useToolAct(toolId: string) {
  const { session, member } = useBench();
  const [problem, setProblem] = useState<string | null>(null);
  const record = async <T extends ToolActType>(type: T, data: ToolActData[T]): Promise<boolean> => {
    const act = {
      id: uuidv7(),
      v: 1,
      type,
      at: formatISO(new Date()),
      by: member.id,
      device: session.device,
      data,
    } as unknown as ToolAct;
    try {
      await client.toolAct(toolId, act);
      setProblem(null);
      await queryClient.invalidateQueries({ queryKey: ['tools'] });
      await queryClient.invalidateQueries({ queryKey: ['tool', toolId] });
      return true;
    } catch (error) {
      setProblem(error instanceof AnsweredProblem ? error.problem.detail : w.needsNetwork);
      return false;
    }
  };
  return { record, problem };
}
