/** Second entries (see `shown.ts`): codes, lamps, complaints, erasing. */
export const SHOWN_BY_CAR = {
  'code-age': {
    nothing: 'often recent, often old',
    'stale-code': 'mostly old, sometimes recent',
    'sensor-open lead-open loom-open loom-short-to-ground loom-short-to-supply loom-short-across sensor-short lead-short plug-loose module-input sensor-dead ring-wrong loom-crossed':
      'nearly always recent, seldom old',
    'plug-corroded module-plug-corroded sensor-intermittent lead-intermittent loom-intermittent gap-wide sensor-weak sensor-dirty sensor-damaged ring-damaged ring-swollen bearing-play ring-debris tyre-mismatch':
      'mostly recent, sometimes old',
    'battery-low module-supply': 'mostly recent, sometimes old',
  },
  'code-failure': {
    nothing:
      'sometimes circuit, sometimes implausible, seldom open, seldom no-signal, seldom intermittent, seldom erratic, seldom short-to-ground, seldom short-to-supply, seldom direction, seldom supply',
    'sensor-open lead-open loom-open plug-loose':
      'often open, sometimes circuit, seldom no-signal, seldom short-to-supply, seldom supply, seldom intermittent',
    'sensor-short lead-short':
      'sometimes circuit, sometimes short-to-ground, seldom no-signal, seldom open, seldom supply, seldom erratic, seldom implausible, seldom short-to-supply, seldom intermittent',
    'loom-short-to-ground': 'often short-to-ground, sometimes circuit, seldom no-signal, seldom supply',
    'loom-short-to-supply': 'often short-to-supply, sometimes circuit, seldom no-signal, seldom open',
    'loom-short-across':
      'sometimes circuit, sometimes short-to-ground, sometimes no-signal, seldom open, seldom supply, seldom short-to-supply',
    'plug-corroded module-plug-corroded':
      'sometimes circuit, sometimes open, seldom intermittent, seldom erratic, seldom no-signal, seldom supply, seldom implausible',
    'sensor-intermittent lead-intermittent loom-intermittent':
      'sometimes intermittent, sometimes open, sometimes circuit, sometimes erratic, seldom no-signal, seldom implausible',
    'gap-wide sensor-weak sensor-damaged sensor-dirty':
      'often no-signal, sometimes implausible, seldom erratic, seldom intermittent',
    'ring-debris': 'sometimes no-signal, sometimes erratic, sometimes implausible, seldom intermittent',
    'ring-damaged ring-swollen bearing-play':
      'often erratic, sometimes implausible, seldom no-signal, seldom intermittent',
    'ring-wrong': 'often no-signal, sometimes implausible, seldom erratic, seldom direction',
    'sensor-dead':
      'sometimes circuit, sometimes no-signal, sometimes open, seldom implausible, seldom supply, seldom direction, seldom erratic',
    'loom-crossed': 'sometimes circuit, sometimes implausible, sometimes no-signal, seldom direction, seldom erratic',
    'module-input':
      'often circuit, sometimes open, seldom no-signal, seldom supply, seldom short-to-ground, seldom short-to-supply, seldom intermittent, seldom erratic, seldom implausible, seldom direction',
    'tyre-mismatch': 'mostly implausible, seldom erratic',
    'battery-low module-supply': 'often circuit, sometimes supply, seldom implausible, seldom no-signal, seldom open',
  },
  'code-flood': {
    nothing: 'nearly always single, seldom flood',
    'battery-low': 'often flood, often single',
    'module-supply': 'mostly single, sometimes flood',
    'stale-code': 'mostly single, sometimes flood',
  },
  'code-mixed': {
    nothing: 'nearly always alike, seldom mixed',
    'sensor-intermittent lead-intermittent loom-intermittent plug-corroded module-plug-corroded':
      'often alike, often mixed',
    'sensor-open lead-open loom-open loom-short-to-ground loom-short-to-supply loom-short-across sensor-short lead-short plug-loose module-input sensor-dead':
      'nearly always alike, seldom mixed',
    'gap-wide sensor-weak sensor-dirty sensor-damaged ring-damaged ring-swollen bearing-play ring-debris ring-wrong':
      'nearly always alike, seldom mixed',
    'battery-low module-supply': 'mostly alike, sometimes mixed',
  },
  'code-named': {
    nothing: 'nearly always not-named',
    'sensor-open lead-open loom-open loom-short-to-ground loom-short-to-supply loom-short-across sensor-short lead-short plug-loose module-input sensor-dead ring-wrong':
      'nearly always named, seldom not-named',
    'plug-corroded module-plug-corroded loom-crossed': 'nearly always named, seldom not-named',
    'sensor-intermittent lead-intermittent loom-intermittent': 'nearly always named, seldom not-named',
    'gap-wide sensor-weak sensor-dirty sensor-damaged ring-damaged ring-swollen bearing-play ring-debris':
      'mostly named, seldom not-named',
    'tyre-mismatch': 'often not-named, often named',
    'stale-code': 'nearly always named, seldom not-named',
    'battery-low': 'often not-named, often named',
    'module-supply': 'mostly not-named, sometimes named',
  },
  'code-brake-switch': {
    nothing: 'nearly always absent',
    'brake-switch': 'mostly present, sometimes absent',
    'battery-low': 'nearly always absent, seldom present',
  },
  'code-brake-fluid': {
    nothing: 'nearly always absent',
    'brake-fluid-low': 'mostly present, sometimes absent',
    'battery-low': 'nearly always absent, seldom present',
  },
  'code-supply': {
    nothing: 'nearly always absent',
    'battery-low': 'often absent, often present',
    'module-supply': 'often present, often absent',
    'module-plug-corroded': 'nearly always absent',
  },
  'code-status': {
    nothing: 'mostly stored, sometimes pending, sometimes current',
    'sensor-open lead-open loom-open loom-short-to-ground loom-short-to-supply loom-short-across sensor-short lead-short plug-loose module-input':
      'mostly current, seldom stored, seldom pending',
    'sensor-dead': 'often current, often stored, seldom pending',
    'plug-corroded module-plug-corroded': 'mostly current, sometimes stored, seldom pending',
    'loom-crossed': 'often stored, sometimes current, seldom pending',
    'gap-wide sensor-weak sensor-dirty sensor-damaged ring-damaged ring-swollen bearing-play ring-debris tyre-mismatch ring-wrong':
      'mostly stored, seldom pending, seldom current',
    'sensor-intermittent lead-intermittent loom-intermittent': 'mostly stored, sometimes current, seldom pending',
    'stale-code': 'nearly always stored, seldom pending, seldom current',
    'battery-low': 'mostly stored, sometimes current, sometimes pending',
    'module-supply': 'often current, often stored, seldom pending',
  },
  'code-unplaced': {
    nothing: 'mostly absent, sometimes present',
    'sensor-open lead-open loom-open loom-short-to-ground loom-short-to-supply loom-short-across sensor-short lead-short plug-loose module-input plug-corroded module-plug-corroded sensor-intermittent lead-intermittent loom-intermittent gap-wide sensor-weak sensor-dirty sensor-damaged ring-damaged ring-swollen bearing-play ring-debris sensor-dead ring-wrong loom-crossed tyre-mismatch':
      'often present, often absent',
    'stale-code battery-low module-supply': 'often present, often absent',
  },
  'lost-now': {
    nothing: 'nearly always absent',
    'module-supply': 'mostly present, sometimes absent',
    'module-plug-corroded': 'mostly absent, sometimes present',
    'battery-low': 'mostly absent, sometimes present',
  },
  'lost-once': {
    nothing: 'nearly always absent, seldom present',
    'module-supply': 'often absent, often present',
    'battery-low': 'often absent, often present',
    'module-plug-corroded': 'mostly absent, sometimes present',
    'stale-code': 'mostly absent, seldom present',
  },
  'no-answer': {
    nothing: 'nearly always answers, seldom silent',
    'module-supply': 'mostly silent, sometimes answers',
    'module-plug-corroded': 'mostly answers, sometimes silent',
    'battery-low': 'mostly answers, sometimes silent',
  },
  'no-answer-again': {
    nothing: 'nearly always answers, seldom silent',
    'module-supply': 'nearly always silent, seldom answers',
    'module-plug-corroded': 'mostly answers, sometimes silent',
    'battery-low': 'mostly answers, sometimes silent',
  },
  'no-code': {
    nothing: 'nearly always none, seldom some',
    'sensor-open lead-open loom-open loom-short-to-ground loom-short-to-supply loom-short-across sensor-short lead-short plug-loose module-input sensor-dead ring-wrong module-supply':
      'nearly always some, seldom none',
    'plug-corroded module-plug-corroded sensor-intermittent lead-intermittent loom-intermittent gap-wide sensor-weak sensor-dirty sensor-damaged ring-damaged ring-swollen bearing-play ring-debris loom-crossed':
      'mostly some, sometimes none',
    'tyre-mismatch brake-switch': 'often some, often none',
    'battery-low': 'mostly some, sometimes none',
    'brake-fluid-low': 'mostly none, sometimes some',
    'stale-code': 'nearly always some, seldom none',
  },
  'bend-side': {
    nothing: 'often inner, often outer',
    'bearing-play ring-swollen gap-wide sensor-damaged': 'mostly outer, sometimes inner',
    'lead-intermittent lead-short tyre-mismatch': 'often outer, often inner',
  },
  drive: {
    nothing: 'nearly always stayed-out',
    'sensor-open lead-open loom-open loom-short-to-ground loom-short-to-supply loom-short-across sensor-short lead-short plug-loose module-input module-supply sensor-dead ring-wrong loom-crossed':
      'nearly always came-back, seldom stayed-out',
    'gap-wide sensor-weak sensor-dirty sensor-damaged ring-damaged ring-swollen bearing-play ring-debris tyre-mismatch':
      'mostly came-back, sometimes stayed-out',
    'plug-corroded module-plug-corroded': 'often came-back, often stayed-out',
    'sensor-intermittent lead-intermittent loom-intermittent': 'often stayed-out, often came-back',
    'battery-low brake-switch brake-fluid-low': 'mostly came-back, sometimes stayed-out',
    'stale-code': 'nearly always stayed-out',
  },
  'lamps-family': {
    nothing: 'nearly always out, seldom lit',
    'sensor-open lead-open loom-open loom-short-to-ground loom-short-to-supply loom-short-across sensor-short lead-short plug-loose module-input loom-crossed sensor-dead ring-wrong':
      'nearly always lit, seldom out',
    'plug-corroded module-plug-corroded': 'mostly lit, sometimes out',
    'sensor-intermittent lead-intermittent loom-intermittent': 'mostly lit, sometimes out',
    'gap-wide sensor-weak sensor-dirty sensor-damaged ring-damaged ring-swollen bearing-play ring-debris tyre-mismatch':
      'mostly lit, sometimes out',
    'stale-code': 'nearly always out, seldom lit',
    'module-supply': 'nearly always lit, seldom out',
    'battery-low': 'mostly lit, sometimes out',
    'brake-switch': 'often lit, often out',
    'brake-fluid-low': 'mostly out, sometimes lit',
  },
  'lamp-pattern-grew': {
    nothing: 'nearly always not-reported, seldom reported',
    'sensor-open lead-open loom-open': 'often not-reported, often reported',
    'plug-corroded module-plug-corroded': 'often not-reported, often reported',
    'sensor-short lead-short loom-short-to-ground loom-short-across sensor-dead plug-loose':
      'mostly not-reported, sometimes reported',
    'gap-wide ring-swollen ring-damaged sensor-weak bearing-play module-supply':
      'mostly not-reported, sometimes reported',
    'sensor-intermittent lead-intermittent loom-intermittent': 'mostly not-reported, seldom reported',
  },
  'lamp-pattern-steady-from-key-on': {
    nothing: 'mostly not-reported, sometimes reported',
    'sensor-open lead-open loom-open loom-short-to-ground loom-short-to-supply loom-short-across sensor-short lead-short plug-loose module-input module-supply':
      'mostly reported, sometimes not-reported',
    'plug-corroded module-plug-corroded sensor-dead loom-crossed': 'often not-reported, often reported',
    'sensor-intermittent lead-intermittent loom-intermittent': 'mostly not-reported, sometimes reported',
    'gap-wide sensor-weak sensor-dirty sensor-damaged ring-damaged ring-swollen bearing-play ring-debris ring-wrong tyre-mismatch':
      'mostly not-reported, sometimes reported',
    'battery-low brake-switch brake-fluid-low': 'often not-reported, often reported',
  },
  'lamp-pattern-after-moving-off': {
    nothing: 'mostly not-reported, seldom reported',
    'gap-wide sensor-weak sensor-dirty sensor-damaged ring-damaged ring-swollen bearing-play ring-debris ring-wrong tyre-mismatch':
      'mostly reported, sometimes not-reported',
    'sensor-dead loom-crossed sensor-short': 'often not-reported, often reported',
    'sensor-intermittent lead-intermittent loom-intermittent plug-corroded module-plug-corroded':
      'often not-reported, often reported',
    'sensor-open lead-open loom-open loom-short-to-ground loom-short-to-supply loom-short-across lead-short plug-loose module-input module-supply':
      'nearly always not-reported, seldom reported',
  },
  'lamp-pattern-intermittent': {
    nothing: 'mostly not-reported, sometimes reported',
    'sensor-intermittent lead-intermittent loom-intermittent': 'mostly reported, sometimes not-reported',
    'plug-corroded module-plug-corroded ring-debris sensor-dirty gap-wide sensor-weak ring-damaged ring-swollen bearing-play sensor-damaged plug-loose':
      'often not-reported, often reported',
    'lead-open loom-open sensor-open sensor-short lead-short loom-short-to-ground loom-short-to-supply loom-short-across module-input ring-wrong loom-crossed':
      'nearly always not-reported, seldom reported',
    'battery-low': 'often not-reported, often reported',
  },
  'lamp-pattern-when-turning': {
    nothing: 'nearly always not-reported, seldom reported',
    'lead-intermittent': 'often not-reported, often reported',
    'bearing-play': 'often not-reported, often reported',
    'gap-wide sensor-damaged loom-intermittent lead-short tyre-mismatch': 'mostly not-reported, sometimes reported',
  },
  'lamp-pattern-on-bumps': {
    nothing: 'nearly always not-reported, seldom reported',
    'sensor-intermittent lead-intermittent loom-intermittent plug-loose': 'often not-reported, often reported',
    'plug-corroded module-plug-corroded bearing-play': 'mostly not-reported, sometimes reported',
  },
  'lamp-pattern-when-wet': {
    nothing: 'nearly always not-reported, seldom reported',
    'plug-corroded module-plug-corroded sensor-short': 'often not-reported, often reported',
    'lead-short loom-short-to-ground loom-short-to-supply loom-short-across lead-intermittent loom-intermittent loom-open':
      'mostly not-reported, sometimes reported',
  },
  'lamp-pattern-when-hot': {
    nothing: 'nearly always not-reported, seldom reported',
    'sensor-intermittent': 'often not-reported, often reported',
    'sensor-weak sensor-dead sensor-short bearing-play': 'mostly not-reported, seldom reported',
  },
  'lamp-pattern-goes-out-after-restart': {
    nothing: 'mostly not-reported, sometimes reported',
    'gap-wide sensor-weak sensor-dirty sensor-damaged ring-damaged ring-swollen bearing-play ring-debris ring-wrong tyre-mismatch':
      'often not-reported, often reported',
    'sensor-intermittent lead-intermittent loom-intermittent plug-corroded module-plug-corroded':
      'often not-reported, often reported',
    'sensor-open lead-open loom-open loom-short-to-ground loom-short-to-supply loom-short-across sensor-short lead-short plug-loose module-input module-supply':
      'nearly always not-reported, seldom reported',
    'battery-low': 'often not-reported, often reported',
  },
  'lamps-other-systems': {
    nothing: 'nearly always few, seldom many',
    'battery-low': 'often few, often many',
    'module-supply': 'mostly few, sometimes many',
  },
  'lamp-brake-red': {
    nothing: 'nearly always out, seldom lit',
    'brake-fluid-low': 'mostly lit, sometimes out',
    'module-supply': 'often out, often lit',
    'battery-low': 'mostly out, sometimes lit',
  },
  'symptom-abs-pulses-at-low-speed': {
    nothing: 'nearly always absent, seldom present',
    'gap-wide sensor-weak sensor-dirty sensor-damaged ring-damaged ring-swollen bearing-play ring-debris':
      'often absent, often present',
    'sensor-intermittent lead-intermittent loom-intermittent plug-corroded': 'mostly absent, sometimes present',
  },
  'symptom-stability-cuts-in': {
    nothing: 'nearly always absent, seldom present',
    'ring-wrong tyre-mismatch ring-damaged ring-swollen bearing-play loom-crossed': 'mostly absent, sometimes present',
    'sensor-intermittent lead-intermittent loom-intermittent gap-wide sensor-weak sensor-dirty sensor-damaged plug-corroded ring-debris':
      'mostly absent, sometimes present',
  },
  'symptom-speedometer-wrong': {
    nothing: 'nearly always absent, seldom present',
    'sensor-open lead-open loom-open sensor-dead ring-wrong plug-loose module-supply module-input tyre-mismatch ring-damaged':
      'mostly absent, sometimes present',
    'sensor-intermittent lead-intermittent loom-intermittent gap-wide sensor-weak sensor-dirty sensor-damaged plug-corroded':
      'mostly absent, seldom present',
  },
  'symptom-noise-from-wheel': {
    nothing: 'nearly always absent, seldom present',
    'bearing-play': 'often present, often absent',
    'ring-swollen ring-damaged': 'mostly absent, sometimes present',
    'sensor-damaged': 'mostly absent, seldom present',
  },
  'symptom-pedal-soft': {
    nothing: 'nearly always absent',
    'brake-fluid-low': 'mostly absent, sometimes present',
  },
  'symptom-fluid-leak': {
    nothing: 'nearly always absent',
    'brake-fluid-low': 'often absent, often present',
  },
  clear: {
    nothing: 'nearly always stayed-clear',
    'sensor-open lead-open loom-open loom-short-to-ground loom-short-to-supply loom-short-across lead-short plug-loose module-input':
      'mostly returned-at-key-on, seldom returned-when-moving, seldom stayed-clear, seldom returned-later',
    'sensor-short':
      'mostly returned-at-key-on, sometimes returned-when-moving, seldom returned-later, seldom stayed-clear',
    'sensor-dead': 'often returned-at-key-on, often returned-when-moving, seldom returned-later, seldom stayed-clear',
    'loom-crossed':
      'often returned-when-moving, sometimes returned-at-key-on, seldom stayed-clear, seldom returned-later',
    'plug-corroded module-plug-corroded':
      'often returned-at-key-on, sometimes returned-when-moving, seldom returned-later, seldom stayed-clear',
    'sensor-intermittent lead-intermittent loom-intermittent':
      'mostly returned-when-moving, seldom returned-at-key-on, seldom returned-later, seldom stayed-clear',
    'gap-wide sensor-weak sensor-dirty sensor-damaged ring-damaged ring-swollen bearing-play ring-debris':
      'mostly returned-when-moving, seldom returned-later, seldom stayed-clear, seldom returned-at-key-on',
    'ring-wrong tyre-mismatch':
      'mostly returned-when-moving, seldom returned-later, seldom returned-at-key-on, seldom stayed-clear',
    'stale-code': 'nearly always stayed-clear',
    'battery-low':
      'often returned-at-key-on, sometimes stayed-clear, sometimes returned-later, seldom returned-when-moving',
    'module-supply':
      'often returned-at-key-on, sometimes stayed-clear, seldom returned-later, seldom returned-when-moving',
  },
  'clear-refused': {
    nothing: 'nearly always erased, seldom refused',
    'sensor-open lead-open loom-open loom-short-to-ground loom-short-to-supply loom-short-across sensor-short lead-short plug-loose module-input module-supply':
      'mostly erased, sometimes refused',
  },
};
