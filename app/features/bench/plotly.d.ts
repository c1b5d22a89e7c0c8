declare module 'plotly.js-basic-dist-min' {
  export * from 'plotly.js';
  import * as Plotly from 'plotly.js';
  export default Plotly;
}
