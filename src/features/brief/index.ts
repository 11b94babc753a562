export { BriefScreen } from './BriefScreen';
export { GuideScreen } from './guide/GuideScreen';
