import { statementWords, type StatementFacts } from "../messages/statement-words";
import { englishTranslator } from "../messages/translator";
import type { Queryable } from "../server/db/pool";
import { settlementScreen } from "../server/settlement/screen";

/** The words of a statement as the desk shows them to who signs. */
export const wordsToSign = async (
  db: Queryable,
  stayId: string,
  signers: Omit<StatementFacts, "screen">,
): Promise<string[]> => statementWords(englishTranslator(), { screen: await settlementScreen(db, stayId), ...signers });
