/**
 * A lint rule: what a user may read stands in `core/words/`, nowhere else, so that all of it can be read and translated.
 * Text is: several words, or one that begins like a sentence; and any word chosen inside a sentence by a condition.
 */

const HAS_WORD = /\p{L}{2,}/u;
const SEVERAL_WORDS = /\p{L}[\p{L}’'",;:.!?)%]* [^=&|<>]*\S/u;
const LIKE_A_SENTENCE = /^\p{Lu}\p{Ll}+[.:!?]?$/u;
/** Paths, media queries, styles, programs, class names. */
const CODE = /^\.{0,2}\/|^https?:|^\(m|[=<>]|[{}]|^[a-z]+ \d|^[a-z-]+( [a-z-]+)?$|^[MmLlHhVvCcZz\d\s.,-]+$/;
const LOWER_CASE_WORDS = /^[a-z]+ [a-z’']+$/;
/** Names that the browser, the network or JavaScript gives. */
const NAMES =
  /^(Enter|Escape|Tab|Space|Backspace|Delete|Shift|Control|Alt|Meta|Home|End|Content-Type|Content-Length|Origin|Host|Range|Zelf|Abort|Error|Clock)$/;
/** Calls whose words are for programs. */
const FOR_PROGRAMS =
  /(querySelector(All)?|matchMedia|useMediaQuery|getElementById|setAttribute|addEventListener|closest|inject|createElement|includes|startsWith|endsWith|split|replace|set|header|getItem|setItem|lock|request|BroadcastChannel)$/;

const isText = (words) => {
  const plain = words.replace(/\s+/g, ' ').trim();
  if (!HAS_WORD.test(plain) || NAMES.test(plain)) return false;
  if (CODE.test(plain)) return LOWER_CASE_WORDS.test(plain);
  return SEVERAL_WORDS.test(plain) || LIKE_A_SENTENCE.test(plain);
};

const nameOfCall = (callee) => (callee.type === 'MemberExpression' ? callee.property.name : callee.name) ?? '';

/** Whether these words are for a program: compared, thrown as our own bug, a type, a key, a selector. */
function isForPrograms(node, reasonsAllowed) {
  const { parent } = node;
  switch (parent.type) {
    case 'BinaryExpression':
      return parent.operator !== '+';
    case 'NewExpression':
      return /Error$|Channel$/.test(nameOfCall(parent.callee));
    case 'CallExpression':
      return FOR_PROGRAMS.test(nameOfCall(parent.callee));
    case 'Property':
      return (
        parent.key === node || (reasonsAllowed && parent.key.name === 'why') || /^(d|path)$/.test(parent.key.name ?? '')
      );
    case 'SwitchCase':
    case 'MemberExpression':
    case 'TSLiteralType':
    case 'ImportDeclaration':
    case 'ExportNamedDeclaration':
    case 'ExportAllDeclaration':
    case 'ImportExpression':
    case 'TaggedTemplateExpression':
      return true;
    default:
      return false;
  }
}

/** `front-${side}`: a template that makes an id, no sentence. */
const isKey = (node) =>
  node.type === 'TemplateLiteral' && node.quasis.every((part) => /^[\w:@~-]*$/.test(part.value.raw));

/** Single words are text where they name something: in a table of names. Tools are asked for by their ids. */
function isName(node) {
  const { parent } = node;
  if (!/^\p{L}[\p{L} '’()]*$/u.test(node.value)) return false;
  if (parent.type !== 'Property' || parent.value !== node || /^(kin|kind|is)$/.test(parent.key.name ?? ''))
    return false;
  for (let at = parent.parent; at; at = at.parent)
    if (at.type === 'VariableDeclarator')
      return /(NAMES|WORDS|LABELS|VERDICTS|TITLES|SPEECH|SAYS)$/.test(at.id.name ?? '');
  return false;
}

/** Whether a word is chosen by a condition right inside a sentence: a piece of text that no reader of the catalogue sees. */
const isChosenInside = (node) =>
  node.parent.type === 'ConditionalExpression' &&
  node.parent.test !== node &&
  ['TemplateLiteral', 'VExpressionContainer'].includes(node.parent.parent?.type) &&
  node.parent.parent.parent?.type !== 'VAttribute' &&
  !isKey(node.parent.parent) &&
  /^[^=<>{}]*\p{L}{2,}[^=<>{}]*$/u.test(node.value) &&
  !/^[a-z]+(-[a-z]+)+$/.test(node.value);

/** A word of a sentence beside what is put in: `${number} range`. Units are no words. */
const hasWordBeside = (node) =>
  node.quasis.some(
    (part) =>
      /(^|[\s(])(?!km\b|min\b|mm\b)\p{L}{2,}([\s,.;:)]|$)/u.test(part.value.cooked ?? '') &&
      / /.test(part.value.cooked ?? ''),
  );

const isInClass = (node) => {
  for (let at = node.parent; at; at = at.parent)
    if (at.type === 'VAttribute') return /^(class|style|to)$/.test(at.key.argument?.name ?? at.key.name?.name ?? '');
  return false;
};

export const noTextOutsideCatalogue = {
  meta: {
    type: 'problem',
    schema: [{ type: 'object', properties: { reasons: { type: 'boolean' } }, additionalProperties: false }],
    messages: { text: 'Text that a user reads belongs to core/words: "{{words}}"' },
  },
  create(context) {
    const reasonsAllowed = context.options[0]?.reasons ?? false;
    const report = (node, words) =>
      context.report({ node, messageId: 'text', data: { words: words.replace(/\s+/g, ' ').slice(0, 60) } });
    const visitor = {
      Literal(node) {
        if (typeof node.value !== 'string' || isForPrograms(node, reasonsAllowed) || isInClass(node)) return;
        if (isText(node.value) || isChosenInside(node) || isName(node)) report(node, node.value);
      },
      TemplateLiteral(node) {
        if (isForPrograms(node, reasonsAllowed) || isInClass(node)) return;
        const words = node.quasis.map((part) => part.value.cooked ?? '').join('…');
        if (isText(words) || hasWordBeside(node)) report(node, words);
      },
    };
    const services = context.sourceCode.parserServices;
    return services?.defineTemplateBodyVisitor ? services.defineTemplateBodyVisitor(visitor, visitor) : visitor;
  },
};
