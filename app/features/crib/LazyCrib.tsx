import { AtBench } from '../../session/AtBench';
import { roomOf } from '../../ui/roomOf';

/** The crib is loaded when it is first opened: work on a job does not wait for it. */
const { part } = roomOf(() => import('./cribRoom'));
const CribList = part((room) => room.CribList);
const ToolPage = part((room) => room.ToolPage);
const NewTool = part((room) => room.NewTool);

export function LazyCribList() {
  return (
    <AtBench>
      <CribList />
    </AtBench>
  );
}

export function LazyToolPage({ id }: { id: string }) {
  return (
    <AtBench>
      <ToolPage key={id} id={id} />
    </AtBench>
  );
}

export function LazyNewTool() {
  return (
    <AtBench>
      <NewTool />
    </AtBench>
  );
}
