export { LazyJobSheet as default } from '../../../features/sheets/LazySheets';
