#import "LanaiShares.h"
#import "LanaiScreen.h"

@implementation LanaiShares

- (NSString *)name
{
    return @"share";
}

- (NSString *)answer:(NSString *)argument
{
    UIActivityViewController *sheet = [[UIActivityViewController alloc] initWithActivityItems:@[ argument ] applicationActivities:nil];
    UIView *view = self.screen.view;
    // On a tablet the sheet stands at a place: here in the middle.
    sheet.popoverPresentationController.sourceView = view;
    sheet.popoverPresentationController.sourceRect = CGRectMake(CGRectGetMidX(view.bounds), CGRectGetMidY(view.bounds), 0, 0);
    sheet.popoverPresentationController.permittedArrowDirections = 0;
    [self.screen presentViewController:sheet animated:YES completion:nil];
    return @"shared";
}

@end
