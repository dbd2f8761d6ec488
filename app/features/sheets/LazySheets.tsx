import type { ComponentProps } from 'react';
import { AtBench } from '../../session/AtBench';
import { roomOf } from '../../ui/roomOf';

/** The sheets are loaded when they are first opened: work on a job does not wait for them. */
const { part } = roomOf(() => import('./sheetsRoom'));
const SheetList = part((room) => room.SheetList);
const SheetPage = part((room) => room.SheetPage);
const BeginSheet = part((room) => room.BeginSheet);
const OpenDraft = part((room) => room.OpenDraft);
const LayerEntry = part((room) => room.LayerEntry);

/** A job's figures, and what came with its parts: pulling bolts does not wait for them. */
export const LazyJobSheet = part((room) => room.JobSheet);

export function LazyLayerEntry({ kind }: ComponentProps<typeof LayerEntry>) {
  return <LayerEntry key={kind} kind={kind} />;
}

export function LazySheetList() {
  return (
    <AtBench>
      <SheetList />
    </AtBench>
  );
}

export function LazySheetPage({ id, revision }: { id: string; revision: number | undefined }) {
  return (
    <AtBench>
      <SheetPage key={`${id}-${revision ?? ''}`} id={id} revision={revision} />
    </AtBench>
  );
}

export function LazyBeginSheet() {
  return (
    <AtBench>
      <BeginSheet />
    </AtBench>
  );
}

export function LazyDraft(props: ComponentProps<typeof OpenDraft>) {
  return (
    <AtBench>
      <OpenDraft {...props} />
    </AtBench>
  );
}
