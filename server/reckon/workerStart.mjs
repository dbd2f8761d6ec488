// A worker thread does not inherit the main thread's loader: TypeScript is made readable here first.
import { register } from 'tsx/esm/api';

register();
const { default: replyTo } = await import('./worker.ts');
export default replyTo;
