import { servePort, type Port } from './readerPort';

servePort(self as unknown as Port);
