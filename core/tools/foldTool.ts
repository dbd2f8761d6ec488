import type { ToolAct, ToolIs, ToolState } from './tool';

/** A tool after its whole log; null before it has been entered. */
export function foldTool(id: string, log: readonly ToolAct[]): ToolState | null {
  return log.reduce<ToolState | null>((tool, act) => evolveTool(id, tool, act), null);
}

/** A tool after one more act. */
export function evolveTool(id: string, tool: ToolState | null, act: ToolAct): ToolState | null {
  if (act.type === 'tool.entered') {
    const { name, ...is } = act.data;
    return { ...(is as ToolIs), id, name, checks: [], off: null, lostMm: [], retired: null };
  }
  if (!tool) return null;
  switch (act.type) {
    case 'tool.corrected': {
      const { name, words: _words, ...is } = act.data;
      return { ...tool, ...(is as ToolIs), name };
    }
    case 'tool.checked': {
      const check = { ...act.data, by: act.by };
      return { ...tool, checks: [...tool.checks, check], off: null };
    }
    case 'tool.found-off':
      return { ...tool, off: { at: act.at, by: act.by, words: act.data.words } };
    case 'leaf.lost':
      return { ...tool, lostMm: [...tool.lostMm, act.data.mm] };
    case 'leaf.replaced': {
      const at = tool.lostMm.findIndex((mm) => Math.abs(mm - act.data.mm) < 1e-6);
      return { ...tool, lostMm: tool.lostMm.filter((_, place) => place !== at) };
    }
    case 'tool.retired':
      return { ...tool, retired: { at: act.at, words: act.data.words } };
  }
}
