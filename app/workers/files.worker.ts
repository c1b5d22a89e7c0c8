import { expose, transfer } from 'comlink';
import { readBundle, writeBundle, zipFolder } from '../storage/bundle';
import type { Bundle, PackedFile } from '../storage/intake';
import { hold } from './lifeline';
import { readBlob } from './readBlob';

const api = {
  hold,
  read: readBlob,
  unpack: async (file: Blob) => readBundle(new Uint8Array(await file.arrayBuffer())),
  folder: (files: readonly PackedFile[]) => {
    const bytes = zipFolder(files);
    return transfer(bytes, [bytes.buffer]);
  },
  async pack(bundle: Bundle): Promise<Uint8Array<ArrayBuffer>> {
    const bytes = await writeBundle(bundle);
    return transfer(bytes, [bytes.buffer]);
  },
};

export type FilesApi = typeof api;

expose(api);
