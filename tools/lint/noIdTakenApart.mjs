import ts from 'typescript';

/**
 * A lint rule: an id is a name, not a text with parts. What it is of stands in its record; who asks a part of its name has
 * lost a fact on the way. Only the border of the contract reads such names, once.
 */

const TAKES_APART = new Set(['split', 'startsWith', 'endsWith', 'slice', 'substring', 'indexOf', 'match', 'replace']);
/** What ids are joined by: who parts a text there takes a key apart, whatever its type says. */
const JOINTS = /^[:@~]$/;

/** Whether a type is an id: one of a list of words, a pattern of them, or a branded text. */
function isId(type) {
  const parts = (type.isUnion() ? type.types : [type]).filter(
    ({ flags }) => !(flags & (ts.TypeFlags.Undefined | ts.TypeFlags.Null)),
  );
  const isName = ({ flags }) => (flags & (ts.TypeFlags.StringLiteral | ts.TypeFlags.TemplateLiteral)) !== 0;
  const isBranded = (part) => part.isIntersection() && part.types.some(({ flags }) => flags & ts.TypeFlags.String);
  return parts.length > 0 && parts.every((part) => isName(part) || isBranded(part));
}

export const noIdTakenApart = {
  meta: { type: 'problem', schema: [], messages: { apart: 'An id is not taken apart: ask its record ({{name}}).' } },
  create(context) {
    const services = context.sourceCode.parserServices;
    const report = (node, name) => context.report({ node, messageId: 'apart', data: { name } });
    const script = {
      CallExpression(node) {
        const { callee } = node;
        if (callee.type !== 'MemberExpression' || !TAKES_APART.has(callee.property.name)) return;
        const [how] = node.arguments;
        const isAtJoint = how?.type === 'Literal' && JOINTS.test(String(how.value));
        const isOfId = callee.object.type !== 'Literal' && isId(services.getTypeAtLocation(callee.object));
        if (isAtJoint || isOfId) report(node, callee.property.name);
      },
    };
    return services.defineTemplateBodyVisitor
      ? services.defineTemplateBodyVisitor(
          {
            CallExpression({ callee, arguments: [how] }) {
              const isAtJoint = how?.type === 'Literal' && JOINTS.test(String(how.value));
              if (TAKES_APART.has(callee.property?.name) && isAtJoint) report(callee, callee.property.name);
            },
          },
          script,
        )
      : script;
  },
};
