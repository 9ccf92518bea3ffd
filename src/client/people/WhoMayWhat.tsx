import { Box } from "@chakra-ui/react";
import { Check } from "lucide-react";
import { useTranslations } from "next-intl";
import { permissions, roles, type Action } from "@/api/permissions";
import { DeskPart } from "../desk/shared/DeskPart";
import styles from "../desk/shared/Desk.module.css";

const actions = Object.keys(permissions) as Action[];

/** What each role may do, as the app itself asks it; who sees it knows what to invite somebody as. */
export function WhoMayWhat() {
  const t = useTranslations("may");
  const desk = useTranslations("desk");
  return (
    <DeskPart title={t("title")}>
      <p>{t("words")}</p>
      <Box overflowX="auto">
        <table className={styles.table} aria-label={t("title")}>
          <thead>
            <tr>
              <th scope="col">{t("what")}</th>
              {roles.map((role) => (
                <th key={role} scope="col">
                  {desk(`role-${role}`)}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {actions.map((action) => (
              <tr key={action}>
                <th scope="row">{t(action)}</th>
                {roles.map((role) => (
                  <td key={role}>
                    {(permissions[action] as readonly string[]).includes(role) && (
                      <Check size={22} aria-label={t("yes")} />
                    )}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </Box>
    </DeskPart>
  );
}
