/**
 * A lint rule: a limit of the trade (ohms, volts, kilometres …) stands in `core/knowledge`, where a mechanic corrects it once.
 * A quantity is what a name with a unit holds, or what a figure is compared with.
 */

const UNIT = /(^|_|[a-z])(ohms?|volts?|amperes?|km|kmh|metres?|millimetres?|mm|celsius|hertz|percent)(12v)?$/i;
const COMPARES = new Set(['<', '>', '<=', '>=']);
/** Nothing, one and its half turn: counting and comparing with them is no limit. */
const COUNTS = new Set([0, 1, 2]);

const figure = (node) => {
  const own = node?.type === 'UnaryExpression' && node.operator === '-' ? node.argument : node;
  return own?.type === 'Literal' && typeof own.value === 'number' && !COUNTS.has(own.value) ? own.value : null;
};

/** The name of a value: of a ref and of a field that of its owner or its own. */
const nameIn = (node) => {
  if (node.type === 'Identifier') return node.name;
  if (node.type !== 'MemberExpression') return '';
  return node.property.name === 'value' ? nameIn(node.object) : node.property.name;
};

/** Whether a name holds a quantity: it ends with its unit. */
const namesQuantity = (name) => UNIT.test(name ?? '');

export const noLimitOutsideKnowledge = {
  meta: {
    type: 'problem',
    /** Whether any figure that something is compared with counts, or only what is compared with a quantity. */
    schema: [{ type: 'object', properties: { everyFigure: { type: 'boolean' } }, additionalProperties: false }],
    messages: { limit: 'A limit ({{value}}) stands in core/knowledge, once.' },
  },
  create(context) {
    const { everyFigure = false } = context.options[0] ?? {};
    const report = (node, value) => context.report({ node, messageId: 'limit', data: { value } });
    const check = {
      BinaryExpression(node) {
        if (!COMPARES.has(node.operator)) return;
        const value = figure(node.left) ?? figure(node.right);
        const isOfQuantity = [node.left, node.right].some((side) => namesQuantity(nameIn(side)));
        if (value !== null && (everyFigure || isOfQuantity)) report(node, value);
      },
      VariableDeclarator({ id, init }) {
        if (namesQuantity(id.name) && figure(init) !== null) report(init, figure(init));
      },
      Property({ key, value }) {
        if (namesQuantity(key.name) && figure(value) !== null) report(value, figure(value));
      },
    };
    const { defineTemplateBodyVisitor: templates } = context.sourceCode.parserServices;
    return templates ? templates({ BinaryExpression: check.BinaryExpression }, check) : check;
  },
};
