declare module '*.vue' {
  import type { DefineComponent } from 'vue';
  const component: DefineComponent<object, object, unknown>;
  export default component;
}

declare module 'exifr/dist/lite.esm.mjs' {
  export { parse } from 'exifr';
}
