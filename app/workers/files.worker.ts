import { expose, transfer } from 'comlink';
import { readBundle, writeBundle } from '../storage/bundle';
import type { Bundle } from '../storage/intake';
import { hold } from './lifeline';
import { readBlob } from './readBlob';

const api = {
  hold,
  read: readBlob,
  unpack: async (file: Blob) => readBundle(new Uint8Array(await file.arrayBuffer())),
  async pack(bundle: Bundle): Promise<Uint8Array<ArrayBuffer>> {
    const bytes = await writeBundle(bundle);
    return transfer(bytes, [bytes.buffer]);
  },
};

export type FilesApi = typeof api;

expose(api);
