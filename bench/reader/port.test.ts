import { MessageChannel } from 'node:worker_threads';
import { describe } from 'vitest';
import { linkContract, realTimer } from '../../tests/support/linkContract';
import { portLink } from './links';
import { servePort, type Port } from './port';

describe('the reader behind a port, as in a worker', () => {
  linkContract((hello) => {
    const { port1, port2 } = new MessageChannel();
    servePort(port2 as unknown as Port, realTimer);
    const close = (): void => {
      port1.close();
      port2.close();
    };
    port1.start();
    port2.start();
    return portLink(port1 as unknown as Port, hello, close);
  });
});
