// Both out of one loading: they share who the person is.
export { JobSession } from '../../resources/js/job/JobSession';
export { hasEnded, setPerson } from '../../resources/js/api/person';
