export { papers, paperNames, type PaperName } from '../../core/paper';
