/** Props, and fields of options, that people read. */
const READ =
  '/^(says|title|label|hint|over|placeholder|back|lead|alt|accessibilityLabel|aria-label)$/';
const LETTERS = '/[A-Za-z]{2}/';

/** Words in the code of a screen: no second language would know them. */
const BARE_WORDS = [
  `JSXText[value=${LETTERS}]`,
  `JSXAttribute[name.name=${READ}] > Literal[value=${LETTERS}]`,
  `JSXAttribute[name.name=${READ}] :matches(ConditionalExpression, LogicalExpression, TemplateLiteral, ArrayExpression) > Literal[value=${LETTERS}]`,
  `JSXAttribute[name.name=${READ}] TemplateElement[value.raw=${LETTERS}]`,
  `JSXExpressionContainer > :matches(ConditionalExpression, LogicalExpression) > Literal[value=/[A-Za-z]{2} /]`,
  `Property[key.name=${READ}] > Literal[value=${LETTERS}]`,
];

/** What people read stands in the catalogue, app/src/words. */
const catalogued = {
  create: (context) =>
    Object.fromEntries(
      BARE_WORDS.map((selector) => [
        selector,
        (node) =>
          context.report({
            node,
            message: 'What people read stands in the catalogue, app/src/words.',
          }),
      ]),
    ),
};

export default { meta: { name: 'words' }, rules: { catalogued } };
