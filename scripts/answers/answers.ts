/** What each computation answers with, from the types of the functions that answer. */
import ts from 'typescript';
import { fileURLToPath } from 'node:url';
import { NAMED } from '../../server/src/http/schemanames.ts';
import { typeSchemas, withPartsFor, type JsonSchema } from './typeschema.ts';

const ROOT = new URL('../../', import.meta.url);
export const ANSWERS = new URL('server/src/compute/answers.ts', ROOT);
const FILES = ['server/src/compute/routes.ts', 'server/src/compute/workroutes.ts'];
const HEAD = `/** What computations answer with: generated from their types by \`npm run formats\`; not written by hand. */
import type { oas31 } from 'zod-openapi';

`;

/** Types of documents, by the parts that describe them already. */
const DOCUMENTS: Readonly<Record<string, string>> = {
  Layer: 'layerOutput',
  Coat: 'layerOutput',
  WorkLayer: 'layerOutput',
  BuildUp: 'buildUpOutput',
  DetailRules: 'detailRules',
  Source: 'source',
};

/** The types of documents, as the code that has them knows them. */
function documentTypes(program: ts.Program, checker: ts.TypeChecker): Map<ts.Type, string> {
  const found = new Map<ts.Type, string>();
  for (const source of program.getSourceFiles()) {
    if (!source.fileName.includes('/core/src/')) continue;
    for (const statement of source.statements) {
      const part = ts.isTypeAliasDeclaration(statement) ? DOCUMENTS[statement.name.text] : undefined;
      if (part !== undefined) found.set(checker.getTypeAtLocation(statement), part);
    }
  }
  return found;
}

function programOf(): ts.Program {
  const config = ts.getParsedCommandLineOfConfigFile(
    fileURLToPath(new URL('tsconfig.json', ROOT)),
    { noEmit: true },
    {
      ...ts.sys,
      onUnRecoverableConfigFileDiagnostic: ({ messageText }) => {
        throw new Error(ts.flattenDiagnosticMessageText(messageText, '\n'));
      },
    },
  );
  if (!config) throw new Error('tsconfig.json is not there');
  return ts.createProgram(
    FILES.map((f) => fileURLToPath(new URL(f, ROOT))),
    config.options,
  );
}

export interface Answers {
  readonly answers: Readonly<Record<string, JsonSchema>>;
  readonly parts: Readonly<Record<string, JsonSchema>>;
}

export function computedAnswers(): Answers {
  const program = programOf();
  const checker = program.getTypeChecker();
  const schemas = typeSchemas(checker, documentTypes(program, checker), new Set(NAMED.map(([, id]) => id)));
  const answers: Record<string, JsonSchema> = {};
  const look = (node: ts.Node): void => {
    if (ts.isCallExpression(node) && node.expression.getText() === 'compute') {
      const [name, , , run] = node.arguments;
      const [call] = run ? checker.getTypeAtLocation(run).getCallSignatures() : [];
      if (!name || !ts.isStringLiteral(name) || !call)
        throw new Error(`a computation without a name or a function: ${node.getText().slice(0, 80)}`);
      answers[name.text] = schemas.of(checker.getReturnTypeOfSignature(call), name.text);
    }
    ts.forEachChild(node, look);
  };
  for (const file of FILES) {
    const source = program.getSourceFile(fileURLToPath(new URL(file, ROOT)));
    if (!source) throw new Error(`${file} is not there`);
    look(source);
  }
  const parts = withPartsFor(schemas.parts, schemas.parts);
  return { answers: withPartsFor(answers, parts), parts };
}

/** The generated file, whole. */
export function answersText(): string {
  const { answers, parts } = computedAnswers();
  const written = (name: string, value: object): string =>
    `export const ${name}: Readonly<Record<string, oas31.SchemaObject>> = ${JSON.stringify(value, null, 2)};\n`;
  return `${HEAD}${written('ANSWERS', answers)}\n${written('ANSWER_PARTS', parts)}`;
}
