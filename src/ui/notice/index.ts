export { NoticeBar } from './NoticeBar';
export { notify } from './notice-store';
