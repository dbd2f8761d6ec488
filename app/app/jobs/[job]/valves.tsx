export { ValvesCard as default } from '../../../features/valves/ValvesCard';
