export { Tray as default } from '../../../features/job/Tray';
