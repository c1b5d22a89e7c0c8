/** Second entries (see `shown.ts`): speeds, looks, readings, trials. */
export const SHOWN_BY_HAND = {
  'jumps-at': {
    nothing: 'sometimes sensor, sometimes lead, sometimes plug, sometimes loom',
    'lead-intermittent lead-open': 'mostly lead, seldom sensor, seldom plug',
    'sensor-intermittent': 'mostly sensor, sometimes lead',
    'plug-corroded plug-loose': 'mostly plug, seldom lead, seldom loom',
    'loom-intermittent loom-open': 'mostly loom, seldom plug, seldom lead',
  },
  'live-drive/passive': {
    nothing: 'nearly always follows',
    'loom-short-to-ground lead-short/body sensor-short/body':
      'often zero, sometimes follows, seldom erratic, seldom drops-out, seldom cuts-in-late',
    'sensor-open lead-open loom-open plug-loose': 'mostly zero, seldom stuck-high, seldom drops-out, seldom erratic',
    'lead-short loom-short-to-supply loom-short-across':
      'mostly zero, seldom stuck-high, seldom drops-out, seldom erratic',
    'sensor-short': 'sometimes cuts-in-late, sometimes zero, sometimes follows, seldom erratic, seldom drops-out',
    'module-input': 'mostly zero, seldom erratic, seldom stuck-high, seldom follows',
    'sensor-dead': 'mostly zero, seldom no-direction, seldom stuck-high',
    'ring-wrong':
      'sometimes reads-fast, sometimes reads-slow, sometimes zero, seldom follows, seldom erratic, seldom cuts-in-late',
    'plug-corroded module-plug-corroded':
      'often drops-out, sometimes zero, seldom follows, seldom erratic, seldom cuts-in-late',
    'sensor-intermittent lead-intermittent loom-intermittent':
      'often drops-out, sometimes follows, seldom erratic, seldom zero',
    'sensor-open/high': 'often cuts-in-late, sometimes zero, seldom follows, seldom drops-out',
    'gap-wide sensor-weak': 'mostly cuts-in-late, seldom zero, seldom follows, seldom drops-out, seldom erratic',
    'sensor-dirty sensor-damaged': 'often cuts-in-late, seldom zero, seldom follows, seldom drops-out, seldom erratic',
    'ring-debris':
      'sometimes once-per-turn, sometimes cuts-in-late, sometimes erratic, seldom drops-out, seldom follows, seldom zero',
    'ring-damaged ring-swollen': 'mostly once-per-turn, seldom erratic, seldom drops-out, seldom follows',
    'bearing-play': 'often once-per-turn, sometimes erratic, seldom follows, seldom drops-out, seldom cuts-in-late',
    'loom-crossed':
      'often answers-as-other-channel, sometimes zero, seldom follows, seldom erratic, seldom wrong-direction',
    'tyre-mismatch': 'often reads-fast, often reads-slow, seldom follows',
    'module-supply battery-low': 'often follows, sometimes zero, seldom drops-out, seldom erratic',
  },
  'live-drive/active': {
    nothing: 'nearly always follows',
    'loom-short-to-ground': 'mostly zero, seldom stuck-high, seldom drops-out, seldom erratic',
    'sensor-open lead-open loom-open plug-loose': 'mostly zero, seldom stuck-high, seldom drops-out, seldom erratic',
    'lead-short loom-short-to-supply loom-short-across':
      'mostly zero, seldom stuck-high, seldom drops-out, seldom erratic',
    'sensor-short': 'mostly zero, seldom stuck-high, seldom drops-out, seldom erratic',
    'module-input': 'mostly zero, seldom erratic, seldom stuck-high, seldom follows',
    'sensor-dead': 'mostly zero, seldom no-direction, seldom stuck-high',
    'ring-wrong':
      'often zero, seldom reads-fast, seldom reads-slow, seldom no-direction, seldom wrong-direction, seldom follows',
    'plug-corroded module-plug-corroded': 'often zero, sometimes drops-out, seldom follows, seldom erratic',
    'sensor-intermittent lead-intermittent loom-intermittent':
      'often drops-out, sometimes follows, seldom erratic, seldom zero',
    'sensor-open/high': 'often cuts-in-late, sometimes zero, seldom follows, seldom drops-out',
    'gap-wide sensor-weak sensor-dirty sensor-damaged':
      'mostly zero, seldom drops-out, seldom cuts-in-late, seldom erratic, seldom follows',
    'ring-debris':
      'sometimes zero, sometimes once-per-turn, sometimes erratic, seldom drops-out, seldom follows, seldom cuts-in-late',
    'ring-damaged ring-swollen': 'mostly once-per-turn, seldom erratic, seldom drops-out, seldom follows',
    'bearing-play': 'often once-per-turn, sometimes erratic, seldom follows, seldom drops-out, seldom cuts-in-late',
    'loom-crossed':
      'often answers-as-other-channel, sometimes zero, seldom follows, seldom erratic, seldom wrong-direction',
    'tyre-mismatch': 'often reads-fast, often reads-slow, seldom follows',
    'module-supply battery-low': 'often follows, sometimes zero, seldom drops-out, seldom erratic',
  },
  'live-hand-spin/passive': {
    nothing: 'nearly always follows',
    'loom-short-to-ground lead-short/body sensor-short/body':
      'often zero, sometimes follows, seldom erratic, seldom drops-out, seldom cuts-in-late',
    'sensor-open lead-open loom-open plug-loose': 'mostly zero, seldom stuck-high, seldom drops-out, seldom erratic',
    'lead-short loom-short-to-supply loom-short-across':
      'mostly zero, seldom stuck-high, seldom drops-out, seldom erratic',
    'sensor-short': 'sometimes cuts-in-late, sometimes zero, sometimes follows, seldom erratic, seldom drops-out',
    'module-input': 'mostly zero, seldom erratic, seldom stuck-high, seldom follows',
    'sensor-dead': 'mostly zero, seldom no-direction, seldom stuck-high',
    'ring-wrong':
      'sometimes follows, sometimes reads-fast, sometimes reads-slow, sometimes zero, seldom erratic, seldom cuts-in-late',
    'plug-corroded module-plug-corroded':
      'sometimes zero, sometimes drops-out, sometimes follows, seldom erratic, seldom cuts-in-late',
    'sensor-intermittent lead-intermittent loom-intermittent':
      'often follows, sometimes drops-out, seldom erratic, seldom zero',
    'sensor-open/high': 'often cuts-in-late, sometimes zero, seldom follows, seldom drops-out',
    'gap-wide sensor-weak': 'often zero, sometimes cuts-in-late, seldom follows, seldom drops-out, seldom erratic',
    'sensor-dirty sensor-damaged':
      'often zero, sometimes cuts-in-late, seldom follows, seldom drops-out, seldom erratic',
    'ring-debris':
      'sometimes zero, sometimes once-per-turn, sometimes erratic, seldom follows, seldom cuts-in-late, seldom drops-out',
    'ring-damaged ring-swollen': 'mostly once-per-turn, seldom erratic, seldom drops-out, seldom follows',
    'bearing-play': 'often once-per-turn, sometimes erratic, seldom follows, seldom drops-out, seldom cuts-in-late',
    'loom-crossed':
      'often answers-as-other-channel, sometimes zero, seldom follows, seldom erratic, seldom wrong-direction',
    'tyre-mismatch': 'often follows, sometimes reads-fast, sometimes reads-slow',
    'module-supply battery-low': 'often follows, sometimes zero, seldom drops-out, seldom erratic',
  },
  'live-hand-spin/active': {
    nothing: 'nearly always follows',
    'loom-short-to-ground': 'mostly zero, seldom stuck-high, seldom drops-out, seldom erratic',
    'sensor-open lead-open loom-open plug-loose': 'mostly zero, seldom stuck-high, seldom drops-out, seldom erratic',
    'lead-short loom-short-to-supply loom-short-across':
      'mostly zero, seldom stuck-high, seldom drops-out, seldom erratic',
    'sensor-short': 'mostly zero, seldom stuck-high, seldom drops-out, seldom erratic',
    'module-input': 'mostly zero, seldom erratic, seldom stuck-high, seldom follows',
    'sensor-dead': 'mostly zero, seldom no-direction, seldom stuck-high',
    'ring-wrong':
      'often zero, seldom reads-fast, seldom reads-slow, seldom follows, seldom no-direction, seldom wrong-direction',
    'plug-corroded module-plug-corroded': 'often zero, seldom follows, seldom drops-out, seldom erratic',
    'sensor-intermittent lead-intermittent loom-intermittent':
      'often follows, sometimes drops-out, seldom erratic, seldom zero',
    'sensor-open/high': 'often cuts-in-late, sometimes zero, seldom follows, seldom drops-out',
    'gap-wide sensor-weak sensor-dirty sensor-damaged':
      'mostly zero, seldom drops-out, seldom cuts-in-late, seldom erratic, seldom follows',
    'ring-debris':
      'sometimes zero, sometimes once-per-turn, sometimes erratic, seldom drops-out, seldom follows, seldom cuts-in-late',
    'ring-damaged ring-swollen': 'mostly once-per-turn, seldom erratic, seldom drops-out, seldom follows',
    'bearing-play': 'often once-per-turn, sometimes erratic, seldom follows, seldom drops-out, seldom cuts-in-late',
    'loom-crossed':
      'often answers-as-other-channel, sometimes zero, seldom follows, seldom erratic, seldom wrong-direction',
    'tyre-mismatch': 'often follows, sometimes reads-fast, sometimes reads-slow',
    'module-supply battery-low': 'often follows, sometimes zero, seldom drops-out, seldom erratic',
  },
  'live-stationary': {
    nothing: 'nearly always zero',
    'loom-open lead-open sensor-open plug-loose sensor-dead loom-short-to-supply':
      'mostly zero, seldom stuck-high, seldom erratic',
    'plug-corroded module-plug-corroded loom-short-across loom-short-to-ground lead-short sensor-short module-input':
      'mostly zero, seldom erratic, seldom stuck-high',
    'lead-intermittent loom-intermittent sensor-intermittent': 'nearly always zero, seldom erratic, seldom stuck-high',
  },
  'live-wiggle': {
    nothing: 'nearly always steady, seldom drops-out',
    'lead-intermittent plug-loose': 'mostly drops-out, sometimes steady',
    'plug-corroded': 'often steady, often drops-out',
    'loom-intermittent sensor-intermittent module-plug-corroded': 'mostly steady, sometimes drops-out',
  },
  'look-ring': {
    nothing: 'nearly always sound',
    'ring-damaged': 'often cracked, sometimes teeth-missing, sometimes sound, seldom scored',
    'ring-swollen': 'often swollen, sometimes scored, sometimes sound',
    'ring-wrong': 'often sound, sometimes reversed, sometimes wrong-part',
    'ring-debris': 'mostly debris, sometimes sound',
    'bearing-play': 'often sound, sometimes scored, seldom debris',
    'sensor-damaged': 'mostly sound, sometimes scored',
    'gap-wide': 'mostly sound, seldom debris',
  },
  'look-gap': {
    nothing: 'mostly sound, seldom corroded, seldom dirty',
    'gap-wide': 'often lifted-by-rust, sometimes not-seated, seldom sound, seldom bent, seldom corroded, seldom dirty',
    'bearing-play': 'mostly sound, sometimes corroded, seldom dirty',
    'sensor-dirty ring-debris': 'often sound, sometimes dirty, seldom corroded',
  },
  'look-bearing': {
    nothing: 'nearly always sound',
    'bearing-play': 'mostly play, sometimes sound',
  },
  'look-sensor': {
    nothing: 'nearly always sound, seldom dirty',
    'sensor-damaged': 'often scored, sometimes cracked, seldom sound, seldom dirty',
    'sensor-dirty': 'nearly always dirty, seldom sound',
    'sensor-short': 'often sound, sometimes wet, seldom dirty',
    'ring-swollen bearing-play': 'mostly sound, sometimes scored, seldom dirty',
    'ring-debris': 'often sound, sometimes dirty, seldom scored',
    'sensor-open sensor-dead sensor-intermittent': 'mostly sound, seldom dirty, seldom wet',
    'sensor-weak': 'mostly sound, seldom wrong-part, seldom dirty, seldom wet',
  },
  'look-lead': {
    nothing: 'nearly always sound, seldom unclipped',
    'lead-open':
      'sometimes sound, sometimes severed, sometimes chafed, seldom nicked, seldom stretched, seldom unclipped, seldom brittle',
    'lead-intermittent':
      'often sound, seldom chafed, seldom unclipped, seldom stretched, seldom brittle, seldom nicked',
    'lead-short': 'often chafed, sometimes sound, sometimes nicked, seldom brittle, seldom unclipped, seldom wet',
  },
  'look-plug': {
    nothing: 'nearly always sound',
    'plug-corroded': 'mostly corroded, sometimes wet, seldom sound',
    'plug-loose': 'often loose, sometimes unplugged, seldom bent, seldom sound',
    'sensor-short loom-open lead-open': 'nearly always sound, seldom corroded, seldom wet',
  },
  'look-loom': {
    nothing: 'nearly always sound, seldom unclipped',
    'loom-open':
      'often sound, seldom corroded, seldom severed, seldom chafed, seldom nicked, seldom brittle, seldom unclipped',
    'loom-intermittent': 'mostly sound, seldom chafed, seldom corroded, seldom brittle, seldom unclipped',
    'loom-short-to-ground loom-short-to-supply loom-short-across':
      'sometimes sound, sometimes chafed, seldom nicked, seldom brittle, seldom wet, seldom unclipped',
    'loom-crossed': 'mostly sound, sometimes nicked, seldom unclipped',
  },
  'look-module': {
    nothing: 'nearly always sound',
    'module-plug-corroded': 'often corroded, sometimes wet, seldom sound, seldom loose',
    'module-supply': 'nearly always sound, seldom corroded, seldom loose',
  },
  'look-battery': {
    nothing: 'mostly sound, seldom corroded',
    'battery-low': 'often sound, sometimes corroded, sometimes loose',
    'module-supply': 'mostly sound, seldom corroded, seldom loose',
  },
  'look-fuse': {
    nothing: 'nearly always sound',
    'module-supply': 'often sound, often blown, seldom corroded, seldom loose',
  },
  'look-ground-point': {
    nothing: 'nearly always sound, seldom corroded',
    'module-supply': 'often sound, sometimes corroded, sometimes loose',
    'battery-low': 'mostly sound, seldom corroded, seldom loose',
  },
  'look-fluid': {
    nothing: 'nearly always sound',
    'brake-fluid-low': 'nearly always level-low, seldom sound',
  },
  'look-tyres': {
    nothing: 'nearly always sound',
    'tyre-mismatch': 'mostly mixed-sizes, sometimes sound',
  },
  'look-brake-switch': {
    nothing: 'nearly always sound',
    'brake-switch': 'often broken, sometimes loose, sometimes sound',
  },
  'battery-cranking': {
    nothing: 'nearly always well, seldom low',
    'battery-low': 'nearly always low, seldom well',
  },
  'battery-rest': {
    nothing: 'nearly always well, seldom low',
    'battery-low': 'mostly low, sometimes well',
  },
  'module-supply': {
    nothing: 'nearly always well, seldom low',
    'module-supply': 'mostly low, seldom well',
    'battery-low': 'often well, often low',
    'module-plug-corroded': 'mostly well, seldom low',
  },
  'supply-at-plug/active': {
    nothing: 'mostly full, sometimes part',
    'loom-open': 'mostly none, seldom low, seldom full',
    'loom-short-to-ground': 'often none, sometimes full, seldom low, seldom part',
    'loom-short-across': 'mostly none, seldom low, seldom full',
    'loom-short-to-supply': 'mostly full, seldom part, seldom none',
    'module-input': 'often none, sometimes full, seldom part, seldom low',
    'module-supply': 'sometimes part, sometimes low, sometimes none, seldom full',
    'module-plug-corroded': 'often full, sometimes none, sometimes low, seldom part',
    'loom-intermittent': 'often full, sometimes none, sometimes part, seldom low',
    'loom-crossed': 'often full, sometimes none, seldom part, seldom low',
    'plug-corroded': 'mostly full, sometimes part, seldom low, seldom none',
    'lead-short sensor-short': 'mostly full, sometimes part, seldom none, seldom low',
    'plug-loose': 'mostly full, sometimes part, seldom none, seldom low',
    'battery-low': 'often full, sometimes low, sometimes part, seldom none',
  },
  'supply-at-plug/passive': {
    nothing: 'often low, sometimes none, seldom part, seldom full',
    'loom-short-to-supply': 'mostly full, seldom low, seldom part, seldom none',
  },
  'wire-1': {
    nothing: 'nearly always good',
    'loom-open/1': 'mostly open, seldom some',
    'loom-intermittent': 'mostly good, seldom unsteady, seldom open, seldom some',
    'loom-crossed': 'often good, often open',
    'module-plug-corroded plug-corroded': 'mostly good, sometimes some',
  },
  'wire-2': {
    nothing: 'nearly always good',
    'loom-open/2': 'mostly open, seldom some',
    'loom-intermittent': 'mostly good, seldom unsteady, seldom open, seldom some',
    'loom-crossed': 'often good, often open',
    'module-plug-corroded plug-corroded': 'mostly good, sometimes some',
  },
  'wire-1-to-ground': {
    nothing: 'nearly always insulated',
    'loom-short-to-ground/1': 'mostly short, sometimes leak, seldom insulated',
    'module-plug-corroded plug-corroded': 'mostly insulated, seldom leak',
    'loom-short-to-supply': 'often insulated, sometimes leak, seldom short',
  },
  'wire-2-to-ground': {
    nothing: 'nearly always insulated',
    'loom-short-to-ground/2': 'mostly short, sometimes leak, seldom insulated',
    'module-plug-corroded plug-corroded': 'mostly insulated, seldom leak',
    'loom-short-to-supply': 'often insulated, sometimes leak, seldom short',
  },
  'wire-to-wire': {
    nothing: 'nearly always insulated',
    'loom-short-across': 'mostly short, seldom leak, seldom insulated',
    'plug-corroded module-plug-corroded': 'mostly insulated, seldom leak',
  },
  'wire-voltage': {
    nothing: 'nearly always none',
    'loom-short-to-supply': 'mostly some, sometimes none',
  },
  'wire-wiggle': {
    nothing: 'nearly always steady, seldom unsteady',
    'loom-intermittent': 'mostly unsteady, sometimes steady',
    'loom-open/1': 'nearly always unsteady, seldom steady',
    'loom-crossed': 'often steady, often unsteady',
  },
  'module-end-resistance/passive': {
    nothing: 'nearly always inside, seldom high',
    'sensor-open/through': 'nearly always open',
    'sensor-open/high': 'mostly high, sometimes open, seldom inside',
    'lead-open loom-open plug-loose': 'nearly always open',
    'sensor-short/turns': 'mostly low, sometimes near-zero, seldom inside',
    'lead-short/across loom-short-across': 'mostly near-zero, sometimes low, seldom inside',
    'sensor-short/body lead-short/body loom-short-to-ground': 'mostly inside, seldom low',
    'sensor-intermittent lead-intermittent loom-intermittent':
      'often inside, sometimes unsteady, seldom open, seldom high',
    'plug-corroded': 'often high, sometimes inside, sometimes open, seldom unsteady',
    'loom-crossed': 'mostly inside, sometimes open, seldom low, seldom high, seldom near-zero, seldom unsteady',
    'sensor-weak sensor-damaged': 'mostly inside, seldom high',
  },
  'module-end-resistance/active': {
    nothing: 'often open, sometimes high, seldom inside',
  },
  'module-spin-voltage': {
    nothing: 'nearly always normal, seldom low',
    'sensor-open lead-open lead-short loom-open loom-short-across plug-loose': 'nearly always none, seldom low',
    'lead-short/body loom-short-to-ground loom-short-to-supply': 'mostly normal, seldom none, seldom low',
    'sensor-open/high': 'often normal, sometimes low, sometimes none, seldom waver',
    'sensor-short': 'often low, sometimes normal, seldom none, seldom waver',
    'ring-wrong': 'often none, sometimes normal, seldom low, seldom waver',
    'gap-wide sensor-weak': 'mostly low, seldom normal, seldom none, seldom waver',
    'sensor-damaged sensor-dirty': 'often low, sometimes normal, seldom none, seldom waver',
    'ring-damaged ring-swollen': 'mostly waver, sometimes normal, seldom low',
    'bearing-play': 'often waver, often normal, seldom low',
    'ring-debris': 'often normal, sometimes low, sometimes waver, seldom none',
    'sensor-intermittent lead-intermittent loom-intermittent': 'mostly normal, seldom waver, seldom none, seldom low',
    'plug-corroded module-plug-corroded': 'mostly normal, sometimes low, seldom none, seldom waver',
  },
  'sensor-current': {
    nothing: 'nearly always normal, seldom none',
    'sensor-dead': 'often normal, often none, seldom high',
    'sensor-open lead-open loom-open plug-loose loom-short-across loom-short-to-ground':
      'nearly always none, seldom normal',
    'sensor-short lead-short': 'often none, sometimes high, seldom normal',
    'module-input': 'often none, often normal, seldom high',
    'loom-short-to-supply': 'often none, sometimes normal, sometimes high',
    'plug-corroded module-plug-corroded': 'mostly none, sometimes normal, seldom high',
  },
  'sensor-resistance/passive': {
    nothing: 'nearly always inside, seldom high',
    'sensor-open/through': 'nearly always open',
    'sensor-open/high': 'mostly high, sometimes open, seldom inside',
    'lead-open': 'nearly always open',
    'sensor-short/turns': 'mostly low, sometimes near-zero, seldom inside',
    'sensor-short/body': 'mostly inside, seldom low',
    'lead-short/across': 'mostly near-zero, sometimes low, seldom inside',
    'lead-short/body': 'mostly inside, seldom low, seldom open',
    'sensor-intermittent': 'often inside, sometimes unsteady, seldom open, seldom high',
    'lead-intermittent': 'often inside, sometimes unsteady, seldom open, seldom high',
    'plug-corroded': 'mostly inside, seldom high, seldom unsteady, seldom open',
    'sensor-weak': 'mostly inside, seldom high',
    'sensor-damaged': 'mostly inside, seldom high, seldom open',
  },
  'sensor-resistance/active': {
    nothing: 'often open, sometimes high, seldom inside',
    'sensor-short lead-short/across': 'often near-zero, sometimes low, sometimes open, seldom high',
  },
  'sensor-spin-voltage': {
    nothing: 'nearly always normal, seldom low',
    'sensor-open lead-open lead-short': 'nearly always none, seldom low',
    'lead-short/body': 'mostly normal, seldom none, seldom low',
    'sensor-open/high': 'often normal, sometimes low, sometimes none, seldom waver',
    'sensor-short': 'often low, sometimes normal, seldom none, seldom waver',
    'ring-wrong': 'often none, sometimes normal, seldom low, seldom waver',
    'gap-wide sensor-weak': 'mostly low, seldom normal, seldom none, seldom waver',
    'sensor-damaged sensor-dirty': 'often low, sometimes normal, seldom none, seldom waver',
    'ring-damaged ring-swollen': 'mostly waver, sometimes normal, seldom low',
    'bearing-play': 'often waver, often normal, seldom low',
    'ring-debris': 'often normal, sometimes low, sometimes waver, seldom none',
    'sensor-intermittent lead-intermittent': 'mostly normal, seldom waver, seldom none, seldom low',
  },
  'sensor-to-ground': {
    nothing: 'nearly always insulated',
    'sensor-short/body': 'nearly always leak, seldom insulated',
    'sensor-short/turns': 'often insulated, often leak',
    'lead-short/body': 'mostly leak, sometimes insulated',
    'lead-short/across': 'mostly insulated, seldom leak',
    'plug-corroded': 'nearly always insulated, seldom leak',
  },
  'sensor-resistance-wiggle/passive': {
    nothing: 'nearly always steady, seldom unsteady',
    'lead-intermittent': 'mostly unsteady, seldom steady, seldom open',
    'sensor-intermittent': 'often unsteady, often steady, seldom open',
    'plug-corroded': 'mostly steady, sometimes unsteady',
    'lead-open sensor-open': 'nearly always open, seldom unsteady, seldom steady',
    'sensor-open/high': 'nearly always steady, seldom unsteady, seldom open',
  },
  'sensor-resistance-wiggle/active': {
    nothing: 'often open, sometimes steady, seldom unsteady',
  },
  'air-gap': {
    nothing: 'nearly always inside, seldom wide, seldom narrow',
    'gap-wide': 'mostly wide, sometimes inside, seldom narrow',
    'ring-swollen': 'often narrow, sometimes inside, seldom wide',
    'bearing-play': 'often inside, sometimes wide, sometimes narrow',
  },
  'ask-history': {
    nothing: 'mostly nothing, seldom work-here',
    'ring-wrong loom-crossed': 'mostly work-here, sometimes nothing',
    'plug-loose lead-open lead-intermittent lead-short ring-debris tyre-mismatch': 'often nothing, sometimes work-here',
  },
  'ask-specs': {
    nothing: 'nearly always inside, seldom outside',
    'sensor-short': 'mostly outside, sometimes inside',
    'sensor-open': 'nearly always outside, seldom inside',
    'sensor-weak sensor-damaged plug-corroded': 'mostly inside, sometimes outside',
  },
  'flange-void': {
    nothing: 'nearly always flat, seldom lifted',
    'gap-wide': 'mostly lifted, sometimes flat',
  },
  'ring-runout': {
    nothing: 'nearly always even, seldom uneven',
    'ring-swollen': 'mostly uneven, sometimes even',
    'ring-damaged': 'often even, often uneven',
    'bearing-play': 'often uneven, often even',
    'ring-debris': 'often even, often uneven',
  },
  substitute: {
    nothing: 'nearly always fault-stayed, seldom signal-normal',
    'sensor-open sensor-short sensor-weak sensor-damaged sensor-dead lead-open lead-short sensor-dirty':
      'nearly always signal-normal, seldom fault-stayed',
    'sensor-intermittent lead-intermittent': 'nearly always signal-normal, seldom fault-stayed',
    'plug-corroded': 'mostly fault-stayed, sometimes signal-normal',
    'plug-loose': 'mostly fault-stayed, sometimes signal-normal',
    'gap-wide': 'mostly fault-stayed, sometimes signal-normal',
    'loom-intermittent module-plug-corroded': 'often fault-stayed, often signal-normal',
  },
  swap: {
    nothing: 'nearly always fault-stayed, seldom fault-followed',
    'sensor-open sensor-short sensor-weak sensor-damaged sensor-dead lead-open lead-short':
      'nearly always fault-followed, seldom fault-stayed',
    'sensor-intermittent lead-intermittent': 'mostly fault-followed, sometimes fault-stayed',
    'sensor-dirty': 'mostly fault-followed, sometimes fault-stayed',
    'plug-corroded': 'mostly fault-stayed, sometimes fault-followed',
  },
  unplug: {
    nothing: 'mostly different-code, sometimes same-code',
    'sensor-open lead-open loom-open plug-loose': 'nearly always same-code, seldom different-code',
    'loom-short-to-ground loom-short-to-supply loom-short-across module-input module-supply loom-crossed':
      'mostly same-code, sometimes different-code',
    'module-plug-corroded plug-corroded': 'mostly same-code, sometimes different-code',
    'sensor-dead': 'mostly different-code, sometimes same-code',
    'sensor-intermittent lead-intermittent loom-intermittent': 'mostly different-code, sometimes same-code',
    'sensor-short lead-short': 'mostly different-code, seldom same-code',
  },
};
