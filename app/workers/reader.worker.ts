import { servePort, type Port } from '../../bench/reader/port';
import { browserTimer } from './browserTimer';

servePort(self, browserTimer);
