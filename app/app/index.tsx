import { Board } from '../features/board/Board';
import { AtBench } from '../session/AtBench';

export default function BoardScreen() {
  return (
    <AtBench>
      <Board />
    </AtBench>
  );
}
