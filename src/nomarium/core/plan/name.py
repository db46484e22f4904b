"""The usual name of a plan: apart, so that a run that finds nothing changed need not know what a plan may say."""

PLAN_NAME = "nomarium.toml"
