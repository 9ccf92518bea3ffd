import { titled } from "@/app/titled";
import { EditFile } from "../../../edit-file";

export const generateMetadata = titled("class-file");

interface Props {
  params: Promise<{ slug: string }>;
  searchParams: Promise<{ view?: string }>;
}

export default async function EditClassRoute({ params, searchParams }: Props) {
  return <EditFile of="classes" slug={(await params).slug} view={(await searchParams).view} />;
}
