export { demoYachtFile as demoYacht } from "../demo/yacht-file";
