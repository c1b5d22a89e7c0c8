import { expose } from 'comlink';
import { hold } from './lifeline';
import { readLogBlob } from './readLogBlob';

const api = { hold, read: readLogBlob };

export type LogApi = typeof api;

expose(api);
