import { expose } from 'comlink';
import { jobs } from './jobs';

// the one entry of the browser's worker
expose(jobs);
