"""What is drawn: pictures of years and calendars. Layout is reckoned apart from drawing."""
