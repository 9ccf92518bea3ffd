export { demoYachtFile as demoYacht } from "../cli/demo/yacht-file";
