import type { texts as en } from '../../en/knowledge/rotPlaces';

export const texts: typeof en = {
  firstClip: { name: 'Erster Halter', why: 'Darunter steht Wasser und lässt die Ader verrotten.' },
  bracket: { name: 'Haltewinkel', why: 'Die Leitung biegt sich hier bei jeder Bodenwelle und bricht.' },
  tyre: { name: 'Am Reifen', why: 'Eine Leitung außerhalb ihres Halters wird durchgescheuert.' },
  grommet: { name: 'Durchführung', why: 'Die Leitung reibt, wo sie durch das Blech geht.' },
  heatShield: { name: 'Hitzeblech', why: 'Nahe am Auspuff schmilzt oder reißt die Hülle.' },
};
