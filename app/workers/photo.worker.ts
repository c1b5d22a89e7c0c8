import { expose, transfer } from 'comlink';
import { hold } from './lifeline';
import { preparePhoto, type Prepared } from './preparePhoto';

const api = {
  hold,
  async prepare(file: Blob): Promise<Prepared | null> {
    const made = await preparePhoto(file);
    return made && transfer(made, [made.full.buffer, made.small.buffer]);
  },
};

export type PhotoApi = typeof api;

expose(api);
