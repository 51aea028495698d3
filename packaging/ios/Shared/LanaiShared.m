#import "LanaiShared.h"

@implementation LanaiShared

- (void)viewDidAppear:(BOOL)animated
{
    [super viewDidAppear:animated];
    NSExtensionItem *item = self.extensionContext.inputItems.firstObject;
    [self read:item.attachments then:^(NSString *text) {
        if (text.length == 0) {
            [self.extensionContext completeRequestReturningItems:@[] completionHandler:nil];
            return;
        }
        // The id of this part is that of the app, with a word behind it.
        NSString *app = NSBundle.mainBundle.bundleIdentifier.stringByDeletingPathExtension;
        NSUserDefaults *between = [[NSUserDefaults alloc] initWithSuiteName:[@"group." stringByAppendingString:app]];
        [between setObject:text forKey:@"shared"];
        [self say:NSLocalizedString(@"shared.kept", nil)];
    }];
}

/// The first text or web address among them; nil for none.
- (void)read:(NSArray<NSItemProvider *> *)given then:(void (^)(NSString *_Nullable))then
{
    for (NSString *type in @[ @"public.plain-text", @"public.url" ]) {
        for (NSItemProvider *one in given) {
            if ([one hasItemConformingToTypeIdentifier:type]) {
                [one loadItemForTypeIdentifier:type options:nil completionHandler:^(id<NSSecureCoding> item, NSError *error) {
                    id text = [(id)item isKindOfClass:[NSURL class]] ? ((NSURL *)item).absoluteString : (id)item;
                    dispatch_async(dispatch_get_main_queue(), ^{
                        then([text isKindOfClass:[NSString class]] ? text : nil);
                    });
                }];
                return;
            }
        }
    }
    then(nil);
}

- (void)say:(NSString *)sentence
{
    UIAlertController *note = [UIAlertController alertControllerWithTitle:nil message:sentence preferredStyle:UIAlertControllerStyleAlert];
    [note addAction:[UIAlertAction actionWithTitle:NSLocalizedString(@"shared.done", nil) style:UIAlertActionStyleDefault handler:^(UIAlertAction *action) {
        [self.extensionContext completeRequestReturningItems:@[] completionHandler:nil];
    }]];
    [self presentViewController:note animated:YES completion:nil];
}

@end
