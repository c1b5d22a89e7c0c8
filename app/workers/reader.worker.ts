import { servePort } from '../../bench/reader/port';
import { browserTimer } from './browserTimer';

servePort(self, browserTimer);
