export { DeskLoading as default } from "@/client/desk/DeskLoading";
