-- What an error costs is counted by the rules of its round: who changes the academy's own rules asks for the figures of the rounds that are judged by them
create function rules_ask_for_figures() returns trigger language plpgsql as $$
begin
  perform ask_for_figures(array(
    select r.id from round r join new_rules n on r.rule_set = n.id::text join old_rules o on o.id = n.id
    where n.content is distinct from o.content order by r.held_on desc, r.id), 10);
  return null;
end $$;
create trigger house_rule_set_changed after update on house_rule_set referencing new table as new_rules old table as old_rules
  for each statement execute function rules_ask_for_figures();
