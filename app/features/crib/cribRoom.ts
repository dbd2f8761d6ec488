/** All of the crib, loaded as one: parts loaded by themselves would share theirs with the first load. */
export { CribList } from './CribList';
export { NewTool } from './NewTool';
export { ToolPage } from './ToolPage';
