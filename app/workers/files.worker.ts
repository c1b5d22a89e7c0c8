import { expose } from 'comlink';
import { hold } from './lifeline';
import { readBlob } from './readBlob';

const api = { hold, read: readBlob };

export type FilesApi = typeof api;

expose(api);
