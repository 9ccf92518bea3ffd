import { titled } from "@/app/titled";
import { EditFile } from "../../edit-file";

export const generateMetadata = titled("yacht-file");

interface Props {
  params: Promise<{ slug: string }>;
  searchParams: Promise<{ view?: string }>;
}

export default async function EditRoute({ params, searchParams }: Props) {
  return <EditFile of="yachts" slug={(await params).slug} view={(await searchParams).view} />;
}
